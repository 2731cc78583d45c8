/** Tables whose columns are declared once: for the screen, for sorting there, and for files. */
@Uses({"platform.files", "platform.problems"})
package upahead.server.platform.tables;

import upahead.server.Uses;
