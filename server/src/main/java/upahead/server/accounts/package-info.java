/** Balances of people as of any day: assembles facts and terms into accounts and derives them. */
@Uses({"employment", "enrolment", "facts", "holidays", "organisation", "periods", "platform", "policies"})
package upahead.server.accounts;

import upahead.server.Uses;
