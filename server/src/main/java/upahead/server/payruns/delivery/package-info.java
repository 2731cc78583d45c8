/** Delivers to payroll what was handed over: files in a layout of one's own, and messages that are taken once. */
@Uses({"organisation", "payruns", "platform"})
package upahead.server.payruns.delivery;

import upahead.server.Uses;
