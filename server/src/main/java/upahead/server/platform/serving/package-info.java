/** How pages are served, under what name each request goes, and how serving ends. */
@Uses({"platform.access", "platform.problems", "platform.sql", "platform.throttle"})
package upahead.server.platform.serving;

import upahead.server.Uses;
