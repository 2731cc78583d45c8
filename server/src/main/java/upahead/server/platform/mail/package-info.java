/** Mail that the program would send, kept in its own mailbox. */
@Uses({"platform.access", "platform.clock", "platform.rights"})
package upahead.server.platform.mail;

import upahead.server.Uses;
