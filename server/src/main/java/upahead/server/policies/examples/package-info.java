/** Worked examples that a policy must keep: kept, run under its versions and drafts, and taken in and out as files. */
@Uses({"platform", "policies"})
package upahead.server.policies.examples;

import upahead.server.Uses;
