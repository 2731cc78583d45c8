package upahead.server.reports;

import java.time.LocalDate;
import java.time.YearMonth;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import upahead.core.calendar.DateSpan;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;
import upahead.server.employment.Person;
import upahead.server.facts.ApprovedLeave;
import upahead.server.facts.ApprovedLeave.LeaveFact;
import upahead.server.platform.tables.ColumnKind;
import upahead.server.platform.tables.Columns;
import upahead.server.policies.Policies;
import upahead.server.policies.PolicyDetail;

/** Approved leave by person, kind and month. */
@Component
class Absences implements Report<Absences.Row> {

    /**
     * What somebody takes of one policy in a month.
     *
     * @param days on how many days they are away, whole or in part
     * @param amount in the policy's unit
     */
    public record Row(
            String code,
            String person,
            String team,
            String policy,
            String month,
            Amount days,
            Amount hours,
            Unit unit,
            Amount amount) {

        private static final Columns<Row> COLUMNS = Columns.of(Row.class)
                .onlyInFiles("code", ColumnKind.TEXT)
                .with("person", "Person", ColumnKind.TEXT)
                .with("team", "Team", ColumnKind.TEXT)
                .with("policy", "Policy", ColumnKind.TEXT)
                .with("month", "Month", ColumnKind.TEXT)
                .with("days", "Days away", ColumnKind.AMOUNT)
                .with("hours", "Hours", ColumnKind.AMOUNT)
                .with("unit", "Unit", ColumnKind.UNIT)
                .with("amount", "Counted", ColumnKind.RESULT);
    }

    private record Group(YearMonth month, long policyId) {}

    private final PeopleOfReport people;
    private final ApprovedLeave leave;
    private final Policies policies;

    Absences(PeopleOfReport people, ApprovedLeave leave, Policies policies) {
        this.people = people;
        this.leave = leave;
        this.policies = policies;
    }

    @Override
    public About about() {
        return new About("absences", "Absences by month", "Approved leave of everybody, by kind and month.");
    }

    @Override
    public DateSpan usualDays(LocalDate today) {
        return new DateSpan(
                today.withDayOfYear(1), today.withDayOfYear(1).plusYears(1).minusDays(1));
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
        Map<Long, PolicyDetail> byId = policies.byId();
        people.each(question, some -> of(some, question, byId), rows);
    }

    private List<Row> of(List<Person> some, ReportQuestion question, Map<Long, PolicyDetail> byId) {
        Map<Long, List<LeaveFact>> taken =
                leave.approvedLeave(some.stream().map(Person::id).toList());
        List<Row> rows = new ArrayList<>();
        for (Person person : some) {
            taken.getOrDefault(person.id(), List.of()).stream()
                    .filter(day -> question.days().contains(day.on()))
                    .collect(Collectors.groupingBy(
                            day -> new Group(YearMonth.from(day.on()), day.policyId()),
                            () -> new TreeMap<>(Absences::inOrder),
                            Collectors.toList()))
                    .forEach((group, days) -> rows.add(row(person, byId.get(group.policyId()), group.month(), days)));
        }
        return rows;
    }

    private static int inOrder(Group one, Group other) {
        int months = one.month().compareTo(other.month());
        return months == 0 ? Long.compare(one.policyId(), other.policyId()) : months;
    }

    private static Row row(Person person, PolicyDetail policy, YearMonth month, List<LeaveFact> days) {
        return new Row(
                person.code(),
                person.name(),
                person.team(),
                policy.name(),
                month.toString(),
                Amount.of(days.stream().map(LeaveFact::on).distinct().count()),
                Amount.sum(days.stream().map(LeaveFact::hours).toList()),
                policy.unit(),
                Amount.sum(days.stream().map(LeaveFact::amount).toList()));
    }
}
