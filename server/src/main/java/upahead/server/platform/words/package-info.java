/** Dates, spans and amounts as people write them. */
@Uses({})
package upahead.server.platform.words;

import upahead.server.Uses;
