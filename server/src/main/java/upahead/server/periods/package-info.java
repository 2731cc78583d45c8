/** Up to when runs are closed, and facts that were changed after the run they belong to was closed. */
@Uses({"platform"})
package upahead.server.periods;

import upahead.server.Uses;
