/** Requests and their days as they are stored: asked for, decided, cancelled. */
@Uses({"employment", "facts", "organisation", "platform", "policies", "requests.signing"})
package upahead.server.requests.leave;

import upahead.server.Uses;
