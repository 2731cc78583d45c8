/** Spans of days, pay calendars, benefit years and holidays. */
package upahead.core.calendar;
