/** How the program stops. */
@Uses({})
package upahead.server.platform.stopping;

import upahead.server.Uses;
