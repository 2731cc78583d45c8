/** Pay runs: gathering, closing once, handing over, and proving that what was posted is what is derived. */
@Uses({
    "accounts",
    "cards",
    "employment",
    "enrolment",
    "facts",
    "organisation",
    "periods",
    "platform",
    "policies",
    "requests"
})
package upahead.server.payruns;

import upahead.server.Uses;
