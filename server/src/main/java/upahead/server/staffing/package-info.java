/**
 * Adding, moving and losing people, one by one and by file, with what that does to their enrolments and balances; that is
 * why it lies above these, and {@code employment} below.
 */
@Uses({"accounts", "employment", "enrolment", "organisation", "periods", "platform", "policies"})
package upahead.server.staffing;

import upahead.server.Uses;
