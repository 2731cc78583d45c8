/** Year's ends: looked at before they happen, kept, and held against what came of them. */
@Uses({"accounts", "employment", "enrolment", "periods", "platform", "policies", "rates"})
package upahead.server.yearend;

import upahead.server.Uses;
