package upahead.server.organisation;

import upahead.core.calendar.PayCalendar;
import upahead.core.calendar.PayDay;

/** People who are paid together. */
public record PayGroup(long id, String name, PayCalendar calendar, PayDay payDay) {}
