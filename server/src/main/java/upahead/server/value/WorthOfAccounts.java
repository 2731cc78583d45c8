package upahead.server.value;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.calendar.DateSpan;
import upahead.core.calendar.Timeline;
import upahead.core.ledger.Account;
import upahead.core.ledger.Derivation;
import upahead.core.ledger.Ledger;
import upahead.core.people.Employment;
import upahead.core.quantity.Amount;
import upahead.core.value.HourlyRate;
import upahead.core.value.Movement;
import upahead.core.value.PayRate;
import upahead.core.value.ValueChange;
import upahead.server.accounts.Accounts;
import upahead.server.accounts.Outlook;
import upahead.server.accounts.PersonAccount;
import upahead.server.employment.Person;
import upahead.server.platform.clock.MovableClock;
import upahead.server.policies.PolicyDetail;
import upahead.server.rates.PayRates;

/** Works out what the balances of some people are worth. */
@Component
public class WorthOfAccounts {

    private static final Timeline<PayRate> NO_RATES = Timeline.empty();

    private final Accounts accounts;
    private final PayRates rates;
    private final MovableClock clock;

    WorthOfAccounts(Accounts accounts, PayRates rates, MovableClock clock) {
        this.accounts = accounts;
        this.rates = rates;
        this.clock = clock;
    }

    /**
     * The worth of each balance, those left out in which nothing was and is.
     *
     * @param all policies there are
     */
    @Transactional(readOnly = true)
    public List<ValueRow> of(Collection<Person> people, ValueDays days, List<PolicyDetail> all) {
        Map<Long, Timeline<PayRate>> byPerson =
                rates.of(people.stream().map(Person::id).toList());
        return accounts.of(people, Outlook.ahead(clock.today(), days.last()), all).stream()
                .filter(account -> !account.policy().recordedOnly())
                .map(account -> row(
                        account, days, byPerson.getOrDefault(account.person().id(), NO_RATES)))
                .filter(row -> !isNothing(row))
                .toList();
    }

    private static boolean isNothing(ValueRow row) {
        return row.balance().isZero()
                && (row.change() == null
                        || (row.change().before().isZero()
                                && row.series().stream().allMatch(Amount::isZero)));
    }

    private static ValueRow row(PersonAccount account, ValueDays days, Timeline<PayRate> rates) {
        Ledger ahead = Derivation.derive(account.account(), days.last());
        Account recordedOnly = account.on(account.today());
        Ledger recorded = recordedOnly == account.account() ? ahead : Derivation.derive(recordedOnly, account.today());
        Movement moved = moved(account.today(), days, ahead, recorded);
        Employment employment = account.account().employment();
        Optional<HourlyRate> now = HourlyRate.on(days.asOf(), rates, employment);
        return new ValueRow(
                account.person().id(),
                account.person().code(),
                account.person().name(),
                account.person().teamId(),
                account.person().team(),
                account.person().siteId(),
                account.person().site(),
                account.policy().id(),
                account.policy().name(),
                account.policy().unit(),
                moved.after(),
                now.map(HourlyRate::shown).orElse(null),
                now.map(rate -> ValueChange.of(
                                moved, account.policy().unit(), HourlyRate.on(days.since(), rates, employment), rate))
                        .orElse(null),
                now.isEmpty() ? List.of() : series(account, days, rates, ahead, recorded));
    }

    /** By recorded hours up to today, by the forecast later; before a day by what was recorded on it. */
    private static Movement moved(LocalDate today, ValueDays days, Ledger ahead, Ledger recorded) {
        DateSpan between = new DateSpan(days.since().plusDays(1), days.asOf());
        if (!days.asOf().isAfter(today)) {
            return Movement.of(recorded, between);
        }
        Movement expected = Movement.of(ahead, between);
        return days.since().isAfter(today) ? expected : expected.from(recorded.balance(days.since()));
    }

    private static List<Amount> series(
            PersonAccount account, ValueDays days, Timeline<PayRate> rates, Ledger ahead, Ledger recorded) {
        Employment employment = account.account().employment();
        List<Amount> worth = new ArrayList<>();
        for (LocalDate day : days.series()) {
            Ledger ledger = day.isAfter(account.today()) ? ahead : recorded;
            worth.add(HourlyRate.on(day, rates, employment)
                    .map(rate ->
                            rate.worth(ledger.balance(day), account.policy().unit()))
                    .orElse(Amount.ZERO));
        }
        return worth;
    }
}
