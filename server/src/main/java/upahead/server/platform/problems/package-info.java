/** Refusals, and how every error is told. */
@Uses({})
package upahead.server.platform.problems;

import upahead.server.Uses;
