/** What people said at a clock or a file tells of them, and the days of cards that it makes. */
@Uses({"cards.days", "employment", "periods", "platform"})
package upahead.server.cards.punches;

import upahead.server.Uses;
