package upahead.server.holidays;

import java.time.LocalDate;

/** One holiday of a site. */
public record HolidayView(long siteId, LocalDate on, String name, boolean half) {}
