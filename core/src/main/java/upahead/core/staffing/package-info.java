/** How a team is staffed on a day, and whether leave makes it fewer than are needed. */
@Uses("quantity")
package upahead.core.staffing;

import upahead.core.Uses;
