/** Time cards: looked at, typed, confirmed; which days are unfinished, and who was there when. */
@Uses({"cards.days", "cards.rules", "employment", "facts", "organisation", "periods", "platform", "requests"})
package upahead.server.cards;

import upahead.server.Uses;
