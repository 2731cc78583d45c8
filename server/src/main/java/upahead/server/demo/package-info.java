/** The made-up company, lived through the services that people use. */
@Uses({
    "accounts",
    "cards",
    "employment",
    "enrolment",
    "facts",
    "holidays",
    "organisation",
    "payruns",
    "platform",
    "policies",
    "rates",
    "requests"
})
package upahead.server.demo;

import upahead.server.Uses;
