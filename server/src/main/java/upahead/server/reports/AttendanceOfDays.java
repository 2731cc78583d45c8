package upahead.server.reports;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import org.springframework.stereotype.Component;
import upahead.core.calendar.DateSpan;
import upahead.server.cards.attendance.Attendance;
import upahead.server.cards.attendance.AttendanceQuery;
import upahead.server.cards.attendance.AttendanceRow;
import upahead.server.employment.People;
import upahead.server.employment.Person;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.tables.Columns;

/** Who worked how much within some days. */
@Component
class AttendanceOfDays implements Report<AttendanceRow> {

    private static final int MOST_DAYS = 100;

    private final Attendance attendance;
    private final People people;

    AttendanceOfDays(Attendance attendance, People people) {
        this.attendance = attendance;
        this.people = people;
    }

    @Override
    public About about() {
        return new About(
                "attendance",
                "Attendance",
                "Hours worked, breaks, overtime, over and under what was to be worked, leave and unfinished days.");
    }

    @Override
    public DateSpan usualDays(LocalDate today) {
        return new DateSpan(today.minusDays(MOST_DAYS / 7L), today);
    }

    @Override
    public Columns<AttendanceRow> columns() {
        return AttendanceRow.COLUMNS;
    }

    @Override
    public Optional<Function<AttendanceRow, String>> person() {
        return Optional.of(AttendanceRow::person);
    }

    @Override
    public void rows(ReportQuestion question, Consumer<AttendanceRow> rows) {
        LocalDate last = question.days().first().plusDays(MOST_DAYS - 1L);
        if (question.days().last().isAfter(last)) {
            throw Refusal.of("through", "Attendance is of at most " + MOST_DAYS + " days.");
        }
        List<Long> atSite = question.siteId() == null
                ? List.of()
                : people.search(question.people()).stream().map(Person::id).toList();
        attendance
                .of(new AttendanceQuery(question.days(), question.search(), question.teamId(), null, List.of(), false))
                .stream()
                .filter(row -> question.siteId() == null || atSite.contains(row.personId()))
                .forEach(rows);
    }
}
