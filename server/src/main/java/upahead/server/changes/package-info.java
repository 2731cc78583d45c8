/** Facts that were changed after the pay run they belong to was closed. */
package upahead.server.changes;
