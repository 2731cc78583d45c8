package upahead.server.accounts;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import upahead.core.calendar.DateSpan;
import upahead.core.calendar.PlainDates;
import upahead.core.leave.Taken;
import upahead.core.ledger.Account;
import upahead.core.ledger.Askable;
import upahead.core.ledger.Derivation;
import upahead.core.ledger.Ledger;
import upahead.core.ledger.YearFigures;
import upahead.core.quantity.Amount;
import upahead.server.employment.Person;
import upahead.server.facts.ApprovedLeave.LeaveFact;
import upahead.server.facts.WaitingLeave;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.words.Words;
import upahead.server.policies.Policies;
import upahead.server.policies.PolicyDetail;

/** The figures of balances as of a day, for whoever may see those people. Kinds that are only recorded have none. */
@Component
public class BalanceRows {

    private final Accounts accounts;
    private final WaitingLeave waiting;
    private final Policies policies;
    private final MovableClock clock;

    BalanceRows(Accounts accounts, WaitingLeave waiting, Policies policies, MovableClock clock) {
        this.accounts = accounts;
        this.waiting = waiting;
        this.policies = policies;
        this.clock = clock;
    }

    /** All balances of some people, in the order of the people and then by the name of the policy. */
    public List<BalanceRow> of(Collection<Person> people, LocalDate asOf) {
        return of(people, asOf, policies.all());
    }

    /** The same, for whoever goes through many people part by part. */
    public List<BalanceRow> of(Collection<Person> people, LocalDate asOf, List<PolicyDetail> all) {
        Map<Long, List<LeaveFact>> asked =
                waiting.waitingLeave(people.stream().map(Person::id).toList());
        return accounts.of(people, outlook(asOf), all).stream()
                .filter(each -> !each.policy().recordedOnly())
                .map(each -> row(each, asOf, asked.getOrDefault(each.person().id(), List.of())))
                .toList();
    }

    /** One balance. */
    BalanceRow of(PersonAccount account, LocalDate asOf) {
        long id = account.person().id();
        return row(account, asOf, waiting.waitingLeave(List.of(id)).getOrDefault(id, List.of()));
    }

    /** A year beyond the day, for what lapses next. */
    Outlook outlook(LocalDate asOf) {
        LocalDate today = clock.today();
        return Outlook.ahead(today, DateSpan.later(asOf, today).plusYears(1));
    }

    private static BalanceRow row(PersonAccount each, LocalDate asOf, List<LeaveFact> asked) {
        Ledger ahead = Derivation.derive(each.account(), asOf.plusYears(1));
        Account account = each.on(asOf);
        Ledger ledger = account == each.account() ? ahead : Derivation.derive(account, asOf);
        YearFigures figures = YearFigures.of(ledger, asOf);
        DateSpan year = ledger.benefitYear(asOf);
        Amount booked = Amount.sum(each.account().facts().taken().stream()
                .filter(taken -> taken.on().isAfter(asOf) && year.contains(taken.on()))
                .map(Taken::amount)
                .toList());
        Amount waiting = Amount.sum(asked.stream()
                .filter(day -> day.policyId() == each.policy().id() && year.contains(day.on()))
                .map(LeaveFact::amount)
                .toList());
        Amount available = ledger.available(asOf);
        Optional<LocalDate> useBegins = ledger.useBegins(asOf);
        Optional<Ledger.Lapse> lapse = ahead.firstLapse(new DateSpan(asOf.plusDays(1), asOf.plusYears(1)));
        return new BalanceRow(
                each.person().id(),
                each.person().code(),
                each.person().name(),
                each.person().teamId(),
                each.person().team(),
                each.person().siteId(),
                each.person().site(),
                each.policy().id(),
                each.policy().name(),
                each.policy().kind(),
                each.policy().unit(),
                figures.carried(),
                figures.earned(),
                figures.used(),
                figures.adjusted(),
                figures.lapsed(),
                figures.paidOut(),
                figures.withheld(),
                figures.balance(),
                booked,
                waiting,
                figures.balance().minus(booked),
                available,
                Askable.on(each.account(), asOf, available),
                useBegins.orElse(null),
                lapse.map(next -> new BalanceRow.Lapse(next.on(), next.amount()))
                        .orElse(null),
                useBegins
                        .filter(asOf::isBefore)
                        .map(begins -> "usable from " + PlainDates.day(begins))
                        .or(() -> lapse.map(BalanceRows::lapseInWords))
                        .orElse(""));
    }

    /** By the forecast: what is used meanwhile does not lapse. */
    private static String lapseInWords(Ledger.Lapse lapse) {
        return Words.figure(lapse.amount()) + " would lapse on " + PlainDates.day(lapse.on());
    }
}
