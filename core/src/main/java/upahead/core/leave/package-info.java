/** Leave: what a day costs, what was taken, and whether a request can be afforded. */
package upahead.core.leave;
