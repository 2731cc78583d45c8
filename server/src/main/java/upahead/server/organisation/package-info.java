/** Sites, teams and pay groups with their calendars. */
@Uses({"platform"})
package upahead.server.organisation;

import upahead.server.Uses;
