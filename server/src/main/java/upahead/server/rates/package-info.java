/** What people are paid: for the value of their leave alone, and seen by nobody but administrators. */
@Uses({"employment", "platform"})
package upahead.server.rates;

import upahead.server.Uses;
