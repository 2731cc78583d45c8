/** What needs a look, most urgent first, and what comes next. */
@Uses({
    "accounts",
    "employment",
    "facts",
    "holidays",
    "organisation",
    "payruns",
    "platform",
    "policies",
    "requests",
    "running"
})
package upahead.server.lookout;

import upahead.server.Uses;
