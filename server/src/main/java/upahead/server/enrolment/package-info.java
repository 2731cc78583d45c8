/** Who is enrolled in which policy: by coverage, with ends, and with exceptions for one person. */
@Uses({"employment", "organisation", "periods", "platform", "policies"})
package upahead.server.enrolment;

import upahead.server.Uses;
