/**
 * Closing a pay period: which derived lines are frozen, and what late facts correct (calculation contract, "Pay runs and
 * late facts").
 */
@Uses({"calendar", "ledger", "quantity"})
package upahead.core.payrun;

import upahead.core.Uses;
