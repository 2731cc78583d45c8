/** Tables that people bring along: files and pasted cells, however their program wrote them. */
package upahead.server.files;
