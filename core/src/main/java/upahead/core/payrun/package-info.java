/** Closing a pay period: which derived lines are frozen, and what late facts correct. */
package upahead.core.payrun;
