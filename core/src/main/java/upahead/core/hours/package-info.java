/** Hours worked, recorded or expected, and the days they fall on (calculation contract, "Facts"). */
@Uses({"calendar", "people", "quantity"})
package upahead.core.hours;

import upahead.core.Uses;
