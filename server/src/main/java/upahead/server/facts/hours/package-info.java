/** Hours worked: recorded, brought in by file, and corrected. */
@Uses({"employment", "facts.awards", "holidays", "organisation", "periods", "platform"})
package upahead.server.facts.hours;

import upahead.server.Uses;
