/** What happened to one person under one policy: the input of the computation (calculation contract, "Facts"). */
@Uses({"hours", "leave", "quantity"})
package upahead.core.facts;

import upahead.core.Uses;
