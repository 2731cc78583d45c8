/** Pay statements: what a closed run has frozen for each person, on paper. */
@Uses({"payruns", "platform"})
package upahead.server.payruns.statements;

import upahead.server.Uses;
