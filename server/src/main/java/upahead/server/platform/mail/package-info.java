/** Mail: written with the change it tells of, delivered afterwards by a mail server or into a folder. */
@Uses({"platform.access", "platform.clock", "platform.files", "platform.problems", "platform.rights"})
package upahead.server.platform.mail;

import upahead.server.Uses;
