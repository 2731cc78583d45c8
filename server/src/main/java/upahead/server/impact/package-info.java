/** What a draft would change for everybody it covers, before it is put in force. */
package upahead.server.impact;
