/** Policies: their texts and versions, whom they are meant for, rules for requests, and sign-off paths. */
@Uses({"employment", "organisation", "platform"})
package upahead.server.policies;

import upahead.server.Uses;
