/** The second step of signing in: a code from an app, and codes on paper for when that is lost. */
@Uses({"platform.audit", "platform.problems"})
package upahead.server.platform.secondstep;

import upahead.server.Uses;
