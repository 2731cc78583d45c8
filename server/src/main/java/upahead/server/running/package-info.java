/** What whoever runs the program has to know of it and to do: how it is, and backups that are proved when they are made. */
@Uses({"company", "platform"})
package upahead.server.running;

import upahead.server.Uses;
