/** Exact numbers: amounts of time, rational shares and rounding. */
package upahead.core.quantity;
