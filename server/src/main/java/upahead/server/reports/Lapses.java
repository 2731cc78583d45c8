package upahead.server.reports;

import java.time.LocalDate;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import upahead.core.calendar.DateSpan;
import upahead.core.ledger.Ahead;
import upahead.core.ledger.Derivation;
import upahead.core.ledger.Upcoming;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;
import upahead.server.accounts.Accounts;
import upahead.server.accounts.Outlook;
import upahead.server.accounts.PersonAccount;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.tables.ColumnKind;
import upahead.server.platform.tables.Columns;

/** Time that will lapse unless it is used. */
@Component
class Lapses implements Report<Lapses.Row> {

    /**
     * What somebody is about to lose.
     *
     * @param lastUsable the last day on which it can be used
     */
    public record Row(
            String code, String person, String team, String policy, LocalDate lastUsable, Unit unit, Amount amount) {

        private static final Columns<Row> COLUMNS = Columns.of(Row.class)
                .onlyInFiles("code", ColumnKind.TEXT)
                .with("person", "Person", ColumnKind.TEXT)
                .with("team", "Team", ColumnKind.TEXT)
                .with("policy", "Policy", ColumnKind.TEXT)
                .with("lastUsable", "Last usable", ColumnKind.DATE)
                .with("unit", "Unit", ColumnKind.UNIT)
                .with("amount", "Would lapse", ColumnKind.RESULT);
    }

    private final PeopleOfReport people;
    private final Accounts accounts;
    private final MovableClock clock;

    Lapses(PeopleOfReport people, Accounts accounts, MovableClock clock) {
        this.people = people;
        this.accounts = accounts;
        this.clock = clock;
    }

    @Override
    public About about() {
        return new About(
                "lapses",
                "Lapses ahead",
                "What would be lost, by whom and when, if nothing more were used than is booked.");
    }

    @Override
    public DateSpan usualDays(LocalDate today) {
        return new DateSpan(today, today.plusYears(1));
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
        LocalDate today = clock.today();
        LocalDate last = question.days().last();
        Outlook outlook = Outlook.ahead(today, DateSpan.later(today, last));
        DateSpan.between(DateSpan.later(today.plusDays(1), question.days().first()), last)
                .ifPresent(days -> people.each(
                        question,
                        some -> accounts.of(some, outlook).stream()
                                .filter(account -> !account.policy().recordedOnly())
                                .flatMap(account -> lapses(account, days))
                                .toList(),
                        rows));
    }

    private static Stream<Row> lapses(PersonAccount account, DateSpan days) {
        return Ahead.of(account.account(), Derivation.derive(account.account(), days.last()), days).stream()
                .filter(Upcoming.Lapses.class::isInstance)
                .map(Upcoming.Lapses.class::cast)
                .map(lapse -> new Row(
                        account.person().code(),
                        account.person().name(),
                        account.person().team(),
                        account.policy().name(),
                        lapse.on().minusDays(1),
                        account.policy().unit(),
                        lapse.amount()));
    }
}
