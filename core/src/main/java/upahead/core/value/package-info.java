/** What outstanding leave is worth in money. */
@Uses({"calendar", "ledger", "people", "quantity"})
package upahead.core.value;

import upahead.core.Uses;
