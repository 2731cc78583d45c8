/** Holidays by rule and by date, how they are paid, and protected dates. */
@Uses({"employment", "organisation", "periods", "platform"})
package upahead.server.holidays;

import upahead.server.Uses;
