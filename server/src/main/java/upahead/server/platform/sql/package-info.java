/** What stores share: one writer at a time, many rows at once, and a data file that loses nothing. */
@Uses({"platform.backups", "platform.starting"})
package upahead.server.platform.sql;

import upahead.server.Uses;
