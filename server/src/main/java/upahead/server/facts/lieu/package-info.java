/** Extra hours that are not paid but become time in lieu. */
@Uses({"facts.adjustments", "platform", "policies"})
package upahead.server.facts.lieu;

import upahead.server.Uses;
