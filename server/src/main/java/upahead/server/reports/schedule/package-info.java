/** Reports that are sent by mail again and again, each in the right of whoever set it up. */
@Uses({"employment", "platform", "reports"})
package upahead.server.reports.schedule;

import upahead.server.Uses;
