/** From facts to dated ledger lines whose running sum is the balance: the one pure function of the product. */
package upahead.core.ledger;
