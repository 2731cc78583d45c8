/** Who is away, as far as somebody may see it, and how teams are staffed. */
@Uses({"employment", "holidays", "organisation", "platform", "policies", "requests.leave"})
package upahead.server.requests.absences;

import upahead.server.Uses;
