/** How values travel and are stored as JSON, and how the interface is described. */
@Uses({})
package upahead.server.platform.json;

import upahead.server.Uses;
