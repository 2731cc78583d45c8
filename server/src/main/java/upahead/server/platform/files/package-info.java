/** Tables that people bring along: files and pasted cells, however their program wrote them. */
@Uses({"platform.problems", "platform.sql"})
package upahead.server.platform.files;

import upahead.server.Uses;
