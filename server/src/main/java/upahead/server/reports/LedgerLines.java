package upahead.server.reports;

import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import upahead.core.calendar.DateSpan;
import upahead.core.ledger.Derivation;
import upahead.core.ledger.Ledger;
import upahead.core.ledger.LedgerLine;
import upahead.core.ledger.PlainWords;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;
import upahead.server.accounts.Accounts;
import upahead.server.accounts.Outlook;
import upahead.server.accounts.PersonAccount;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.tables.ColumnKind;
import upahead.server.platform.tables.Columns;
import upahead.server.policies.Policies;
import upahead.server.policies.PolicyDetail;

/** Every line of every ledger on some days, each with its reason; after today it is a forecast. */
@Component
class LedgerLines implements Report<LedgerLines.Row> {

    /**
     * A line of a ledger.
     *
     * @param forecast "forecast" for a day after today, else empty
     */
    public record Row(
            String code,
            String person,
            String team,
            String policy,
            Unit unit,
            LocalDate on,
            String what,
            Amount amount,
            Amount withheld,
            Amount balance,
            String why,
            String forecast) {

        private static final Columns<Row> COLUMNS = Columns.of(Row.class)
                .onlyInFiles("code", ColumnKind.TEXT)
                .with("person", "Person", ColumnKind.TEXT)
                .with("team", "Team", ColumnKind.TEXT)
                .with("policy", "Policy", ColumnKind.TEXT)
                .with("unit", "Unit", ColumnKind.UNIT)
                .with("on", "Day", ColumnKind.DATE)
                .with("what", "What", ColumnKind.TEXT)
                .with("amount", "Change", ColumnKind.CHANGE)
                .with("withheld", "Withheld", ColumnKind.AMOUNT)
                .withLevel("balance", "Balance")
                .with("why", "Why", ColumnKind.TEXT)
                .onlyInFiles("forecast", ColumnKind.TEXT);
    }

    private final PeopleOfReport people;
    private final Accounts accounts;
    private final Policies policies;
    private final MovableClock clock;

    LedgerLines(PeopleOfReport people, Accounts accounts, Policies policies, MovableClock clock) {
        this.people = people;
        this.accounts = accounts;
        this.policies = policies;
        this.clock = clock;
    }

    @Override
    public About about() {
        return new About(
                "ledger",
                "Ledger",
                "Every line of every ledger with its reason and the balance after it; after today a forecast.");
    }

    @Override
    public DateSpan usualDays(LocalDate today) {
        return new DateSpan(
                today.withDayOfMonth(1).minusMonths(1), today.withDayOfMonth(1).minusDays(1));
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
        Outlook outlook =
                Outlook.ahead(today, DateSpan.later(today, question.days().last()));
        List<PolicyDetail> all = policies.all();
        people.each(
                question,
                some -> accounts.of(some, outlook, all).stream()
                        .filter(account -> !account.policy().recordedOnly())
                        .flatMap(account -> lines(account, question.days(), today))
                        .toList(),
                rows);
    }

    private static Stream<Row> lines(PersonAccount account, DateSpan days, LocalDate today) {
        Ledger ledger = Derivation.derive(account.on(days.last()), days.last());
        return ledger.linesWithin(days).stream().map(line -> row(account, line, today));
    }

    private static Row row(PersonAccount account, LedgerLine line, LocalDate today) {
        return new Row(
                account.person().code(),
                account.person().name(),
                account.person().team(),
                account.policy().name(),
                account.policy().unit(),
                line.on(),
                line.kind().name().toLowerCase(Locale.ROOT).replace('_', ' '),
                line.amount(),
                line.withheld(),
                line.balance(),
                PlainWords.why(line),
                line.on().isAfter(today) ? "forecast" : "");
    }
}
