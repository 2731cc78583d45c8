/** What the program does by itself once a day. */
@Uses({"platform.clock"})
package upahead.server.platform.daily;

import upahead.server.Uses;
