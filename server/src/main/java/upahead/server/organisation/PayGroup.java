package upahead.server.organisation;

import upahead.core.calendar.PayCalendar;

/** People who are paid together. */
public record PayGroup(long id, String name, PayCalendar calendar) {}
