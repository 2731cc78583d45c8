/** Whose approval a request needs, who gives it in whose place, and who gave it. */
@Uses({"employment", "platform", "policies"})
package upahead.server.requests.signing;

import upahead.server.Uses;
