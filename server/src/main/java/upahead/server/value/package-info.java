/** What outstanding leave is worth as of any day, why that changed, and what it will be at the year's end. */
@Uses({"accounts", "employment", "platform", "policies", "rates"})
package upahead.server.value;

import upahead.server.Uses;
