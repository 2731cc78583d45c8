/** Leave: asked for, decided, cancelled, or entered for somebody. */
@Uses({
    "accounts",
    "employment",
    "enrolment",
    "holidays",
    "periods",
    "platform",
    "policies",
    "requests.absences",
    "requests.leave",
    "requests.signing"
})
package upahead.server.requests;

import upahead.server.Uses;
