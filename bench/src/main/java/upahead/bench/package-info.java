/** Measures how long the computation, a pay run and a page of balances take. Nothing here decides whether a test passes. */
package upahead.bench;
