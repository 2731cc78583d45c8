/** Signing in and out: who is there, in which role, and how often somebody may try. */
@Uses({
    "platform.audit",
    "platform.clock",
    "platform.problems",
    "platform.rights",
    "platform.secondstep",
    "platform.sql",
    "platform.starting",
    "platform.throttle"
})
package upahead.server.platform.access;

import upahead.server.Uses;
