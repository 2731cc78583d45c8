/** Time cards: what of a day is worked from one moment to another, what is wrong with it, and which hours it makes. */
@Uses({"hours", "people", "quantity"})
package upahead.core.cards;

import upahead.core.Uses;
