/** Letting people sign in: invitations and new passwords by mail. */
package upahead.server.invitations;
