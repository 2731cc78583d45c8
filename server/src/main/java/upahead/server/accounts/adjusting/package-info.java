/** Adjusting one balance or many at once: what each would become, awards to many, corrections from a list, undoing. */
@Uses({"accounts", "employment", "enrolment", "facts", "periods", "platform", "policies"})
package upahead.server.accounts.adjusting;

import upahead.server.Uses;
