/** People: who they are, from when to when they are employed, where they work, and their working time. */
@Uses({"organisation", "periods", "platform"})
package upahead.server.employment;

import upahead.server.Uses;
