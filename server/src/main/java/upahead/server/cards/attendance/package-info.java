/** Who was there when, over some days: for the eye and for files. */
@Uses({"cards", "cards.days", "employment", "facts", "platform"})
package upahead.server.cards.attendance;

import upahead.server.Uses;
