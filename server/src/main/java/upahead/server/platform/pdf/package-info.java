/** What is printed: fonts, plain tables, and pages of a report. */
@Uses({})
package upahead.server.platform.pdf;

import upahead.server.Uses;
