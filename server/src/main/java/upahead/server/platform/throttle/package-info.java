/** How often things may be tried, counted together by all programs on a database. */
@Uses({"platform.sql"})
package upahead.server.platform.throttle;

import upahead.server.Uses;
