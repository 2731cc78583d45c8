/** The day it is: that of the machine, or that of the demo. */
@Uses({"platform.problems", "platform.sql"})
package upahead.server.platform.clock;

import upahead.server.Uses;
