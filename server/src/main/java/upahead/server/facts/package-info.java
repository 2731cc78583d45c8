/** What balances are derived from: hours, leave, adjustments, openings and awards. */
@Uses({})
package upahead.server.facts;

import upahead.server.Uses;
