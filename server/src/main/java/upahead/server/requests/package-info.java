/** Leave: asked for, decided, cancelled, or entered for somebody. */
@Uses({
    "accounts",
    "employment",
    "enrolment",
    "holidays",
    "organisation",
    "periods",
    "platform",
    "policies",
    "requests.absences",
    "requests.leave",
    "requests.signing",
    "requests.told"
})
package upahead.server.requests;

import upahead.server.Uses;
