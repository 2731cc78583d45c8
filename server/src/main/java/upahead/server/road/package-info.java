/** The road through the pay periods, past and to come. */
@Uses({"holidays", "organisation", "payruns", "platform", "policies"})
package upahead.server.road;

import upahead.server.Uses;
