/** Clock terminals: paired by a code, heard when they can be, and what is said at them. */
@Uses({"accounts", "cards", "cards.punches", "employment", "organisation", "platform"})
package upahead.server.cards.terminals;

import upahead.server.Uses;
