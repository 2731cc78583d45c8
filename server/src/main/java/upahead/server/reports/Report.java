package upahead.server.reports;

import java.time.LocalDate;
import upahead.core.calendar.DateSpan;

/** A table that answers one question about some days. */
interface Report {

    /** By which it is called in addresses and files: small letters and hyphens. */
    String name();

    String title();

    /** What it tells, in one sentence. */
    String says();

    /** The days about which it is usually asked. */
    DateSpan usualDays(LocalDate today);

    ReportTable<?> table(ReportQuestion question);
}
