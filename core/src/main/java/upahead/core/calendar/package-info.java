/**
 * Days and what recurs on them: spans, timelines, pay periods, benefit years and holidays (calculation contract, "Dates
 * that matter"). All are calendar dates without a time or a zone. There is no clock: days come in.
 */
@Uses({})
package upahead.core.calendar;

import upahead.core.Uses;
