/**
 * How time is earned (calculation contract, "Earning"): each earning method is one class that turns rules into postings,
 * and owns its figure, its rhythm and its words. It knows one person through
 * {@link upahead.core.earning.EarningContext} only.
 */
@Uses({"calendar", "people", "quantity"})
package upahead.core.earning;

import upahead.core.Uses;
