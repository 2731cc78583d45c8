/** The days of time cards: their times as they are stored, what is wrong with them, and the hours that they make. */
@Uses({"cards.rules", "employment", "facts", "holidays", "organisation", "periods", "platform"})
package upahead.server.cards.days;

import upahead.server.Uses;
