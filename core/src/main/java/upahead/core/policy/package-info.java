/** Policies, their versions and limits: the rules, without the people (calculation contract, "Facts" and "Earning"). */
@Uses({"calendar", "earning", "people", "quantity"})
package upahead.core.policy;

import upahead.core.Uses;
