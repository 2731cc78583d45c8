package upahead.server.reports;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import org.springframework.stereotype.Component;
import upahead.core.calendar.DateSpan;
import upahead.server.accounts.BalanceRow;
import upahead.server.accounts.BalanceRows;
import upahead.server.platform.tables.Columns;
import upahead.server.policies.Policies;
import upahead.server.policies.PolicyDetail;

/** Every balance of whoever is employed on a day, with all its figures. */
@Component
class BalancesOfADay implements Report<BalanceRow> {

    private final PeopleOfReport people;
    private final BalanceRows balances;
    private final Policies policies;

    BalancesOfADay(PeopleOfReport people, BalanceRows balances, Policies policies) {
        this.people = people;
        this.balances = balances;
        this.policies = policies;
    }

    @Override
    public About about() {
        return new About(
                "balances",
                "Balances",
                "Every balance as of a day: carried, earned, used, booked, adjusted, remaining and what lapses next.");
    }

    @Override
    public DateSpan usualDays(LocalDate today) {
        return new DateSpan(today, today);
    }

    @Override
    public boolean isOfOneDay() {
        return true;
    }

    @Override
    public Columns<BalanceRow> columns() {
        return BalanceRow.COLUMNS;
    }

    @Override
    public Optional<Function<BalanceRow, String>> person() {
        return Optional.of(BalanceRow::person);
    }

    @Override
    public void rows(ReportQuestion question, Consumer<BalanceRow> rows) {
        LocalDate asOf = question.days().last();
        List<PolicyDetail> all = policies.all();
        people.each(
                question,
                some -> balances.of(
                        some.stream()
                                .filter(person -> person.isEmployedWithin(asOf, asOf))
                                .toList(),
                        asOf,
                        all),
                rows);
    }
}
