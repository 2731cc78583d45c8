/** How the program comes up quickly: what is looked for at each start is looked for where it can be. */
@Uses({})
package upahead.server.platform.starting;

import upahead.server.Uses;
