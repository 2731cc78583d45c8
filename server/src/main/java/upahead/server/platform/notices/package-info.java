/** What the program tells people: within its pages, each leading to what it is about, and by mail as they chose. */
@Uses({"platform.access", "platform.clock", "platform.daily", "platform.json", "platform.mail"})
package upahead.server.platform.notices;

import upahead.server.Uses;
