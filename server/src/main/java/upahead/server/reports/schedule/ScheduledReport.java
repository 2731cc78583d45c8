package upahead.server.reports.schedule;

import jakarta.annotation.Nullable;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import upahead.core.calendar.DateSpan;
import upahead.server.reports.ReportFiles.Format;
import upahead.server.reports.ReportQuestion;

/**
 * A report that is sent by mail again and again.
 *
 * @param name by which it is known, and the subject of its mails
 * @param report by its name
 * @param teamId of whose people it is, null for all teams
 * @param siteId of whose people it is, null for all sites
 * @param search words of name, code or team, empty for everybody
 * @param onDay of the week or of the month; of no matter where it is sent each day
 * @param recipients ids of people who may read reports
 */
public record ScheduledReport(
        @NotBlank(message = "please give it a name") @Size(max = 60, message = "a name has at most 60 characters")
                String name,
        @NotBlank @Size(max = 40) String report,
        @NotNull RelativeDays days,
        @Nullable Long teamId,
        @Nullable Long siteId,
        @NotNull @Size(max = 120, message = "please search for at most 120 characters") String search,
        @NotNull Format format,
        @NotNull ReportRhythm rhythm,
        int onDay,
        @NotEmpty(message = "please choose who gets it") List<Long> recipients) {

    ReportQuestion question(LocalDate day) {
        DateSpan about = days.from(day);
        return new ReportQuestion(about, teamId, siteId, search);
    }

    /**
     * One that was set up.
     *
     * @param owner who set it up, in whose right it is sent
     * @param begins the first day on which it can be sent
     * @param lastFor the day on which it was sent last, null where it was not yet
     * @param problem why it was not sent to somebody, or not at all, the last time; empty where it was
     */
    public record Stored(
            long id,
            long ownerId,
            String owner,
            ScheduledReport report,
            LocalDate begins,
            @Nullable LocalDate lastFor,
            String problem) {

        /** Whether it is to be sent on a day, also when the day before it was missed. */
        boolean isDue(LocalDate day) {
            LocalDate last = report.rhythm().lastUpTo(day, report.onDay());
            return !last.isBefore(begins) && (lastFor == null || lastFor.isBefore(last));
        }
    }
}
