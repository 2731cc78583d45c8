/** Adjustments and opening balances: the facts that are typed on a balance. */
@Uses({"employment", "enrolment", "periods", "platform", "policies"})
package upahead.server.facts.adjustments;

import upahead.server.Uses;
