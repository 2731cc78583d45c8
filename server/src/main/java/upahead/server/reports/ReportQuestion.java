package upahead.server.reports;

import jakarta.annotation.Nullable;
import upahead.core.calendar.DateSpan;
import upahead.server.employment.EmploymentType;
import upahead.server.employment.PeopleQuery;
import upahead.server.employment.PeopleQuery.Order;

/**
 * What a report is asked about.
 *
 * @param teamId of whose people it is, null for all teams
 * @param siteId of whose people it is, null for all sites
 * @param search words, each of which the name, code or team of a person has; empty for everybody
 */
public record ReportQuestion(DateSpan days, @Nullable Long teamId, @Nullable Long siteId, String search) {

    private static final EmploymentType ANY = null;

    /** The people it is about, by name, with the teams they are in on the last day. */
    PeopleQuery people() {
        return new PeopleQuery(
                search, teamId, siteId, null, null, ANY, null, Order.NAME, false, days.last(), 0, Integer.MAX_VALUE);
    }
}
