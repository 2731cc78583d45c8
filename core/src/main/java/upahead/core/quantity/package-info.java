/**
 * Exact numbers: amounts of time, rational shares and rounding (calculation contract, "Quantities"). Never binary
 * floating point. Here as in all of the core, values cannot be changed once made, nothing is null unless a comment says
 * so, and a constructor given null throws {@link NullPointerException}.
 */
@Uses({})
package upahead.core.quantity;

import upahead.core.Uses;
