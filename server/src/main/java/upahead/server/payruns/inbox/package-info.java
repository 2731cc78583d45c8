/** A small stand-in for a payroll system, which ships with the program: it takes rows, refuses some, and can be silent. */
@Uses({"payruns.delivery", "platform"})
package upahead.server.payruns.inbox;

import upahead.server.Uses;
