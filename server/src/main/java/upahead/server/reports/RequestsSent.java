package upahead.server.reports;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Function;
import org.springframework.stereotype.Component;
import upahead.core.calendar.DateSpan;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;
import upahead.server.employment.People;
import upahead.server.employment.Person;
import upahead.server.platform.json.Page;
import upahead.server.platform.tables.ColumnKind;
import upahead.server.platform.tables.Columns;
import upahead.server.requests.Requests;
import upahead.server.requests.leave.RequestQuery;
import upahead.server.requests.leave.RequestState;
import upahead.server.requests.leave.RequestSummary;

/** Requests for days within some days, whatever became of them. */
@Component
class RequestsSent implements Report<RequestsSent.Row> {

    private static final int AT_ONCE = 500;

    /**
     * A request.
     *
     * @param asked for, in the policy's unit
     * @param approved of it
     * @param sent the day on which it was sent
     */
    public record Row(
            String person,
            String team,
            String policy,
            LocalDate first,
            LocalDate last,
            Unit unit,
            Amount asked,
            Amount approved,
            String state,
            LocalDate sent,
            String note,
            String answer) {

        private static final Columns<Row> COLUMNS = Columns.of(Row.class)
                .with("person", "Person", ColumnKind.TEXT)
                .with("team", "Team", ColumnKind.TEXT)
                .with("policy", "Policy", ColumnKind.TEXT)
                .with("first", "First day", ColumnKind.DATE)
                .with("last", "Last day", ColumnKind.DATE)
                .with("unit", "Unit", ColumnKind.UNIT)
                .with("asked", "Asked", ColumnKind.AMOUNT)
                .with("approved", "Approved", ColumnKind.AMOUNT)
                .with("state", "State", ColumnKind.TEXT)
                .with("sent", "Sent", ColumnKind.DATE)
                .onlyInFiles("note", ColumnKind.TEXT)
                .onlyInFiles("answer", ColumnKind.TEXT);
    }

    private final Requests requests;
    private final People people;

    RequestsSent(Requests requests, People people) {
        this.requests = requests;
        this.people = people;
    }

    @Override
    public About about() {
        return new About(
                "requests",
                "Requests",
                "Requests for time off with days in these days: asked, approved, and what became of each.");
    }

    @Override
    public DateSpan usualDays(LocalDate today) {
        return new DateSpan(
                today.withDayOfMonth(1), today.withDayOfMonth(1).plusMonths(1).minusDays(1));
    }

    @Override
    public Columns<Row> columns() {
        return Row.COLUMNS;
    }

    @Override
    public Optional<Function<Row, String>> person() {
        return Optional.of(Row::person);
    }

    @Override
    public void rows(ReportQuestion question, Consumer<Row> rows) {
        Set<Long> atSite = question.siteId() == null
                ? Set.of()
                : Set.copyOf(people.search(question.people()).stream()
                        .map(Person::id)
                        .toList());
        List<Row> all = new ArrayList<>();
        int found = AT_ONCE;
        for (int page = 0; found == AT_ONCE; page++) {
            Page<RequestSummary> some = requests.queue(new RequestQuery(
                    EnumSet.allOf(RequestState.class),
                    question.search(),
                    question.teamId(),
                    null,
                    question.days().first(),
                    question.days().last(),
                    null,
                    Set.of(),
                    page,
                    AT_ONCE));
            some.items().stream()
                    .filter(request -> question.siteId() == null || atSite.contains(request.personId()))
                    .map(RequestsSent::row)
                    .forEach(all::add);
            found = some.items().size();
        }
        all.sort(Comparator.comparing(Row::person).thenComparing(Row::first));
        all.forEach(rows);
    }

    private static Row row(RequestSummary request) {
        return new Row(
                request.person(),
                request.team(),
                request.policy(),
                request.first(),
                request.last(),
                request.unit(),
                request.total(),
                request.approved(),
                request.state().name().toLowerCase(Locale.ROOT).replace('_', ' '),
                request.sentAt().toLocalDate(),
                request.note(),
                request.answer());
    }
}
