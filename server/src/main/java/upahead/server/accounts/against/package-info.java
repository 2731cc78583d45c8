/** Balances held against another record of them: differences person by person, with their likely causes. */
@Uses({"accounts", "employment", "enrolment", "facts", "platform", "policies"})
package upahead.server.accounts.against;

import upahead.server.Uses;
