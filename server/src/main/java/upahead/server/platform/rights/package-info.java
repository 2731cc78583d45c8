/** What can be done with the program, by name, and the mark that says so of a service. */
@Uses({})
package upahead.server.platform.rights;

import upahead.server.Uses;
