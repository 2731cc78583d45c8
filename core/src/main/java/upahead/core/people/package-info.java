/** Employments and what changes in them on dates (calculation contract, "Facts"). */
@Uses({"calendar", "quantity"})
package upahead.core.people;

import upahead.core.Uses;
