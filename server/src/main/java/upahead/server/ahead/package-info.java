/** What is about to happen to whom in the next weeks, told in groups, and telling the people. */
@Uses({"accounts", "employment", "platform", "policies", "requests"})
package upahead.server.ahead;

import upahead.server.Uses;
