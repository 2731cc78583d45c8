package upahead.server.reports;

import java.time.LocalDate;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.calendar.DateSpan;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;

/** All reports there are, by their names. */
@Service
class Reports {

    private static final int MOST_YEARS = 3;

    private final List<Report> all;
    private final MovableClock clock;

    Reports(List<Report> all, MovableClock clock) {
        this.all = all;
        this.clock = clock;
    }

    /**
     * A report that can be asked for.
     *
     * @param from the first day about which it is usually asked
     * @param through the last one
     */
    record Offered(String name, String title, String says, LocalDate from, LocalDate through) {}

    /** By title. */
    @May(Permission.READ_REPORTS)
    public List<Offered> offered() {
        return all.stream()
                .map(report -> {
                    DateSpan days = report.usualDays(clock.today());
                    return new Offered(report.name(), report.title(), report.says(), days.first(), days.last());
                })
                .sorted((one, other) -> one.title().compareTo(other.title()))
                .toList();
    }

    /**
     * @param teamId null for everybody
     * @throws Refusal if there is no such report, or the days end before they begin or are more than three years
     */
    @Transactional(readOnly = true)
    @May(Permission.READ_REPORTS)
    public ReportTable<?> ask(String name, LocalDate from, LocalDate through, Long teamId) {
        DateSpan days = DateSpan.between(from, through)
                .orElseThrow(() -> Refusal.of("through", "The last day is before the first."));
        if (through.isAfter(from.plusYears(MOST_YEARS))) {
            throw Refusal.of("through", "A report is about at most " + MOST_YEARS + " years.");
        }
        return all.stream()
                .filter(report -> report.name().equals(name))
                .findFirst()
                .orElseThrow(() -> Refusal.notFound("report"))
                .table(new ReportQuestion(days, teamId));
    }
}
