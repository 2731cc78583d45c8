/** What a day of leave costs, and what was taken (calculation contract, "Leave days from a request"). */
@Uses({"calendar", "hours", "people", "quantity"})
package upahead.core.leave;

import upahead.core.Uses;
