/** Everybody's balances as of a day in one table: rows, columns, order and conditions of one's own, sums, files. */
@Uses({"accounts", "employment", "enrolment", "platform", "policies"})
package upahead.server.accounts.overview;

import upahead.server.Uses;
