/** Letting people sign in: invitations and new passwords by mail. */
@Uses({"employment", "platform"})
package upahead.server.invitations;

import upahead.server.Uses;
