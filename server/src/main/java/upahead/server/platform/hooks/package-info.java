/** Other programs are told of what happens: signed, at least once, and never inside the own network. */
@Uses({
    "platform.access",
    "platform.audit",
    "platform.clock",
    "platform.daily",
    "platform.json",
    "platform.problems",
    "platform.rights"
})
package upahead.server.platform.hooks;

import upahead.server.Uses;
