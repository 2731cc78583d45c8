/** Paid hours given to many people for an extra day. */
@Uses({"employment", "holidays", "periods", "platform"})
package upahead.server.facts.awards;

import upahead.server.Uses;
