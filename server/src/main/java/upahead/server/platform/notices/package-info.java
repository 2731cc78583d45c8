/** What the program tells people within its pages, each leading to what it is about. */
@Uses({"platform.access", "platform.clock", "platform.json"})
package upahead.server.platform.notices;

import upahead.server.Uses;
