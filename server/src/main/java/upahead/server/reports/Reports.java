package upahead.server.reports;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import upahead.core.calendar.DateSpan;
import upahead.core.quantity.Unit;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.platform.sql.TurnStore;
import upahead.server.platform.sql.WhileUnchanged;
import upahead.server.platform.tables.Columns;
import upahead.server.reports.ReportView.ReportSum;

/** All reports there are, by their names. */
@Service
public class Reports {

    private static final int MOST_YEARS = 3;
    /** What a page can have; a file has all. */
    private static final int MOST_ON_SCREEN = 30_000;

    private static final int MOST_KEPT = 120_000;
    private static final String UNIT = "unit";
    private static final String PERSON = "person";

    private final List<Report<?>> all;
    private final CurrentUser user;
    private final MovableClock clock;
    private final WhileUnchanged<Asked, Record> known;

    private record Asked(String report, ReportQuestion question) {}

    /** That a page has as many rows as it can have. */
    private static final class Enough extends RuntimeException {
        private static final long serialVersionUID = 1L;

        Enough() {
            super("enough", null, false, false);
        }
    }

    Reports(List<Report<?>> all, CurrentUser user, MovableClock clock, TurnStore turns) {
        this.all = all;
        this.user = user;
        this.clock = clock;
        this.known = new WhileUnchanged<>(turns, MOST_KEPT);
    }

    /**
     * A report that can be asked for.
     *
     * @param from the first day about which it is usually asked
     * @param through the last one
     * @param ofOneDay whether it is about the last day alone
     */
    record Offered(String name, String title, String says, LocalDate from, LocalDate through, boolean ofOneDay) {}

    /** By title. */
    @May(Permission.READ_REPORTS)
    public List<Offered> offered() {
        return all.stream()
                .filter(report -> user.get().may(report.needs()))
                .map(report -> {
                    DateSpan days = report.usualDays(clock.today());
                    return new Offered(
                            report.about().name(),
                            report.about().title(),
                            report.about().says(),
                            days.first(),
                            days.last(),
                            report.isOfOneDay());
                })
                .sorted(Comparator.comparing(Offered::title))
                .toList();
    }

    /**
     * Whether a report can be asked so.
     *
     * @throws Refusal if the days end before they begin or are more than three years
     */
    static DateSpan days(LocalDate from, LocalDate through) {
        DateSpan days = DateSpan.between(from, through)
                .orElseThrow(() -> Refusal.of("through", "The last day is before the first."));
        if (through.isAfter(from.plusYears(MOST_YEARS))) {
            throw Refusal.of("through", "A report is about at most " + MOST_YEARS + " years.");
        }
        return days;
    }

    /**
     * A report that whoever is signed in may read.
     *
     * @throws Refusal if there is no such report
     */
    Report<?> named(String name) {
        return all.stream()
                .filter(report -> report.about().name().equals(name))
                .filter(report -> user.get().may(report.needs()))
                .findFirst()
                .orElseThrow(() -> Refusal.notFound("report"));
    }

    /**
     * What whoever gets a report must be allowed to.
     *
     * @throws Refusal if there is no such report
     */
    @May(Permission.READ_REPORTS)
    public Permission needs(String name) {
        return named(name).needs();
    }

    /**
     * The title of a report.
     *
     * @throws Refusal if there is no such report
     */
    @May(Permission.READ_REPORTS)
    public String title(String name) {
        return named(name).about().title();
    }

    /**
     * Some rows of a report.
     *
     * @param order the key of a column, with a minus for the other way round; by person where empty, if there are any
     * @throws Refusal if there is no such report or column
     */
    @May(Permission.READ_REPORTS)
    public ReportView view(String name, ReportQuestion question, String order, int firstRow, int size) {
        return view(named(name), question, order, firstRow, size);
    }

    private <R extends Record> ReportView view(
            Report<R> report, ReportQuestion question, String order, int firstRow, int size) {
        Columns<R> columns = report.columns();
        List<R> rows = rows(report, question);
        String usual = columns.orders(PERSON) ? PERSON : "";
        List<R> sorted = columns.inOrder(rows, order.isEmpty() ? usual : order, (one, other) -> 0);
        return new ReportView(
                columns.shown(),
                columns.values(sorted.subList(
                        Math.min(firstRow, sorted.size()), (int) Math.min(sorted.size(), (long) firstRow + size))),
                rows.size(),
                rows.size() == MOST_ON_SCREEN,
                sums(columns, rows),
                report.person().isPresent());
    }

    @SuppressWarnings("unchecked")
    private <R extends Record> List<R> rows(Report<R> report, ReportQuestion question) {
        return (List<R>) known.of(new Asked(report.about().name(), question), () -> {
            List<Record> rows = new ArrayList<>();
            try {
                report.rows(question, row -> {
                    if (rows.size() == MOST_ON_SCREEN) {
                        throw new Enough();
                    }
                    rows.add(row);
                });
            } catch (Enough enough) {
                return rows;
            }
            return rows;
        });
    }

    private static <R extends Record> List<ReportSum> sums(Columns<R> columns, List<R> rows) {
        if (columns.figures().isEmpty()) {
            return List.of();
        }
        if (!columns.orders(UNIT)) {
            return List.of(new ReportSum(null, columns.sums(rows)));
        }
        Map<Unit, List<R>> byUnit = rows.stream()
                .collect(Collectors.groupingBy(
                        row -> (Unit) columns.value(row, UNIT), TreeMap::new, Collectors.toList()));
        return byUnit.entrySet().stream()
                .map(each -> new ReportSum(each.getKey(), columns.sums(each.getValue())))
                .toList();
    }
}
