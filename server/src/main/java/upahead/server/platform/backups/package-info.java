/** The folder with the backups of a company: what lies there, which of it is good, and how long it stays. */
@Uses({})
package upahead.server.platform.backups;

import upahead.server.Uses;
