/** How pages are served, and how serving ends. */
@Uses({})
package upahead.server.platform.serving;

import upahead.server.Uses;
