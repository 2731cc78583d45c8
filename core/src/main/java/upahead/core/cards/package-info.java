/** Time cards: what of a day is worked from one moment to another, and what is wrong with it. */
@Uses({"people", "quantity"})
package upahead.core.cards;

import upahead.core.Uses;
