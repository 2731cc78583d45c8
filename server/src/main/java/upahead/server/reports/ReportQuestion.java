package upahead.server.reports;

import jakarta.annotation.Nullable;
import upahead.core.calendar.DateSpan;
import upahead.server.employment.PeopleQuery;

/**
 * What a report is asked about.
 *
 * @param teamId of whose people it is, null for everybody
 */
record ReportQuestion(DateSpan days, @Nullable Long teamId) {

    /** The people it is about, by name, with the teams they are in on the last day. */
    PeopleQuery people() {
        return PeopleQuery.everybodyOn(days.last()).inTeam(teamId);
    }
}
