package upahead.server.reports;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.function.Consumer;
import org.springframework.stereotype.Component;
import upahead.core.calendar.DateSpan;
import upahead.server.platform.audit.AuditQuery;
import upahead.server.platform.audit.AuditRecord;
import upahead.server.platform.audit.AuditTrail;
import upahead.server.platform.tables.ColumnKind;
import upahead.server.platform.tables.Columns;

/** Who changed what on some days, before and after. It is of no team: it is about things, not about people. */
@Component
class Changes implements Report<Changes.Row> {

    private static final int AT_ONCE = 500;

    /**
     * A change.
     *
     * @param time of the day, to the second
     * @param thing what it is called now, its number where it is not there any more
     */
    public record Row(
            LocalDate on,
            String time,
            String who,
            String kind,
            String thing,
            String what,
            String before,
            String after) {

        private static final Columns<Row> COLUMNS = Columns.of(Row.class)
                .with("on", "Day", ColumnKind.DATE)
                .with("time", "Time", ColumnKind.TEXT)
                .with("who", "Who", ColumnKind.TEXT)
                .with("kind", "Of", ColumnKind.TEXT)
                .with("thing", "Which", ColumnKind.TEXT)
                .with("what", "What was done", ColumnKind.TEXT)
                .onlyInFiles("before", ColumnKind.TEXT)
                .onlyInFiles("after", ColumnKind.TEXT);
    }

    private final AuditTrail trail;

    Changes(AuditTrail trail) {
        this.trail = trail;
    }

    @Override
    public About about() {
        return new About(
                "changes",
                "Changes, from the audit trail",
                "Who changed what on these days, with what it was before and after in the files.");
    }

    @Override
    public DateSpan usualDays(LocalDate today) {
        return new DateSpan(today.minusDays(6), today);
    }

    @Override
    public Columns<Row> columns() {
        return Row.COLUMNS;
    }

    @Override
    public void rows(ReportQuestion question, Consumer<Row> rows) {
        for (int page = 0; ; page++) {
            List<AuditRecord> found = trail.read(new AuditQuery(
                            null,
                            null,
                            null,
                            question.search().isBlank() ? null : question.search(),
                            question.days().first(),
                            question.days().last(),
                            page,
                            AT_ONCE))
                    .items();
            found.stream().map(Changes::row).forEach(rows);
            if (found.size() < AT_ONCE) {
                return;
            }
        }
    }

    private static Row row(AuditRecord each) {
        return new Row(
                each.at().toLocalDate(),
                each.at().toLocalTime().truncatedTo(ChronoUnit.SECONDS).toString(),
                each.actor(),
                each.subject(),
                each.thing() == null ? String.valueOf(each.subjectId()) : each.thing(),
                each.what(),
                each.before() == null ? "" : each.before(),
                each.after() == null ? "" : each.after());
    }
}
