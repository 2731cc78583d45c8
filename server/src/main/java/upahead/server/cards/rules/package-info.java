/** How times become hours in each pay group: rounding, breaks, overtime, and who types and confirms. */
@Uses({"platform"})
package upahead.server.cards.rules;

import upahead.server.Uses;
