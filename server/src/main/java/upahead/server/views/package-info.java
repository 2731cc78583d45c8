/** Views of tables that people keep under names of their own. */
@Uses({"platform"})
package upahead.server.views;

import upahead.server.Uses;
