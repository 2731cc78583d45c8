/** Who is told of a team's absences besides those who ask and decide. */
@Uses({"employment", "organisation", "platform"})
package upahead.server.requests.told;

import upahead.server.Uses;
