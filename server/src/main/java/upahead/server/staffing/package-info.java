/** Adding, moving and losing people, with what that does to their enrolments and balances. */
package upahead.server.staffing;
