/**
 * From facts to dated ledger lines whose running sum is the balance: the one pure function of the product, what is ahead
 * by it, and the check of a request. Begin with {@link upahead.core.ledger.Derivation}.
 */
@Uses({"calendar", "earning", "facts", "hours", "leave", "people", "policy", "quantity"})
package upahead.core.ledger;

import upahead.core.Uses;
