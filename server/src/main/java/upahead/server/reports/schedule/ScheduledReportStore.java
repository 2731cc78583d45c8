package upahead.server.reports.schedule;

import static upahead.server.database.Tables.SCHEDULED_REPORT;
import static upahead.server.database.Tables.SCHEDULED_REPORT_RECIPIENT;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import upahead.server.database.tables.records.ScheduledReportRecord;
import upahead.server.platform.access.SignIns;
import upahead.server.platform.access.SignedIn;
import upahead.server.reports.ReportFiles.Format;
import upahead.server.reports.schedule.ScheduledReport.Stored;

/** Reports that are sent by mail, and who gets them. */
@Repository
class ScheduledReportStore {

    private static final int LONGEST_PROBLEM = 600;

    private final DSLContext sql;
    private final SignIns signIns;

    ScheduledReportStore(DSLContext sql, SignIns signIns) {
        this.sql = sql;
        this.signIns = signIns;
    }

    List<Stored> all() {
        Map<Long, List<Long>> recipients = sql.selectFrom(SCHEDULED_REPORT_RECIPIENT)
                .orderBy(SCHEDULED_REPORT_RECIPIENT.PERSON_ID)
                .fetchGroups(SCHEDULED_REPORT_RECIPIENT.SCHEDULED_REPORT_ID, SCHEDULED_REPORT_RECIPIENT.PERSON_ID);
        return sql.selectFrom(SCHEDULED_REPORT)
                .orderBy(SCHEDULED_REPORT.NAME, SCHEDULED_REPORT.ID)
                .fetch(row -> stored(row, recipients.getOrDefault(row.getId(), List.of())));
    }

    private Stored stored(ScheduledReportRecord row, List<Long> recipients) {
        return new Stored(
                row.getId(),
                row.getOwnerId(),
                signIns.active(row.getOwnerId()).map(SignedIn::name).orElse(""),
                new ScheduledReport(
                        row.getName(),
                        row.getReport(),
                        RelativeDays.valueOf(row.getDays()),
                        row.getTeamId(),
                        row.getSiteId(),
                        row.getSearch(),
                        Format.valueOf(row.getFormat()),
                        ReportRhythm.valueOf(row.getRhythm()),
                        row.getOnDay(),
                        recipients),
                row.getBeginsOn(),
                row.getLastFor(),
                row.getProblem());
    }

    /** Tells its id. */
    long add(long ownerId, ScheduledReport report, LocalDate begins) {
        long id = sql.insertInto(SCHEDULED_REPORT)
                .set(SCHEDULED_REPORT.OWNER_ID, ownerId)
                .set(SCHEDULED_REPORT.NAME, report.name().strip())
                .set(SCHEDULED_REPORT.REPORT, report.report())
                .set(SCHEDULED_REPORT.DAYS, report.days().name())
                .set(SCHEDULED_REPORT.TEAM_ID, report.teamId())
                .set(SCHEDULED_REPORT.SITE_ID, report.siteId())
                .set(SCHEDULED_REPORT.SEARCH, report.search())
                .set(SCHEDULED_REPORT.FORMAT, report.format().name())
                .set(SCHEDULED_REPORT.RHYTHM, report.rhythm().name())
                .set(SCHEDULED_REPORT.ON_DAY, report.onDay())
                .set(SCHEDULED_REPORT.BEGINS_ON, begins)
                .set(SCHEDULED_REPORT.PROBLEM, "")
                .returningResult(SCHEDULED_REPORT.ID)
                .fetchOne(SCHEDULED_REPORT.ID);
        report.recipients().stream().distinct().forEach(person -> sql.insertInto(SCHEDULED_REPORT_RECIPIENT)
                .set(SCHEDULED_REPORT_RECIPIENT.SCHEDULED_REPORT_ID, id)
                .set(SCHEDULED_REPORT_RECIPIENT.PERSON_ID, person)
                .execute());
        return id;
    }

    void remove(long id) {
        sql.deleteFrom(SCHEDULED_REPORT_RECIPIENT)
                .where(SCHEDULED_REPORT_RECIPIENT.SCHEDULED_REPORT_ID.eq(id))
                .execute();
        sql.deleteFrom(SCHEDULED_REPORT).where(SCHEDULED_REPORT.ID.eq(id)).execute();
    }

    /** Notes that it was sent on a day, and what went wrong with it. */
    void sent(long id, LocalDate day, String problem) {
        sql.update(SCHEDULED_REPORT)
                .set(SCHEDULED_REPORT.LAST_FOR, day)
                .set(
                        SCHEDULED_REPORT.PROBLEM,
                        problem.length() > LONGEST_PROBLEM ? problem.substring(0, LONGEST_PROBLEM) : problem)
                .where(SCHEDULED_REPORT.ID.eq(id))
                .execute();
    }
}
