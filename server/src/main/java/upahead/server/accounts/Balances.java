package upahead.server.accounts;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.calendar.DateSpan;
import upahead.core.ledger.Ahead;
import upahead.core.ledger.Derivation;
import upahead.core.ledger.Ledger;
import upahead.core.ledger.LedgerLine;
import upahead.core.ledger.LineKind;
import upahead.core.ledger.OwnTermsInWords;
import upahead.core.ledger.PlainWords;
import upahead.core.policy.Limits;
import upahead.core.policy.Terms;
import upahead.core.quantity.Amount;
import upahead.server.employment.People;
import upahead.server.employment.Person;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.clock.Sight;
import upahead.server.platform.problems.Refusal;

/** One person's balances as of any day: looking back on facts, looking ahead with scheduled work and booked leave. */
@Service
public class Balances {

    private static final int MONTHS_SHOWN_BEFORE = 9;
    private static final int MONTHS_SHOWN_AFTER = 9;
    private static final int DAYS_SHOWN_BEFORE_IT_BEGINS = 10;

    private final Accounts accounts;
    private final BalanceRows rows;
    private final People people;
    private final MovableClock clock;
    private final Sight sight;
    private final CurrentUser user;

    Balances(Accounts accounts, BalanceRows rows, People people, MovableClock clock, Sight sight, CurrentUser user) {
        this.user = user;
        this.accounts = accounts;
        this.rows = rows;
        this.people = people;
        this.clock = clock;
        this.sight = sight;
    }

    /** The accounts of some people but those of kinds that are only recorded. */
    private Stream<PersonAccount> withBalance(List<Person> some, Outlook outlook) {
        return accounts.of(some, outlook).stream().filter(each -> !each.policy().recordedOnly());
    }

    /** One person's balances as of a day. */
    @Transactional(readOnly = true)
    @PreAuthorize("@reach.person(#personId)")
    public List<BalanceRow> of(long personId, LocalDate asOf) {
        sight.require(asOf);
        return rows.of(List.of(people.get(personId)), asOf);
    }

    /**
     * One balance with its ledger.
     *
     * @throws Refusal if the person is not enrolled in the policy
     */
    @Transactional(readOnly = true)
    @PreAuthorize("@reach.person(#personId)")
    public BalanceDetail one(long personId, long policyId, LocalDate asOf) {
        sight.require(asOf);
        LocalDate today = clock.today();
        LocalDate through = DateSpan.later(asOf, today).plusMonths(MONTHS_SHOWN_AFTER);
        PersonAccount account = account(people.get(personId), policyId, Outlook.ahead(today, through));
        account.policy().requireBalance();
        Ledger ledger = Derivation.derive(account.account(), through);
        Ledger recorded = Derivation.derive(account.on(today), today);
        LocalDate from = DateSpan.later(
                DateSpan.earlier(asOf, today).minusMonths(MONTHS_SHOWN_BEFORE),
                DateSpan.earlier(ledger.begins(), today).minusDays(DAYS_SHOWN_BEFORE_IT_BEGINS));
        return new BalanceDetail(
                rows.of(account, asOf),
                asOf,
                today,
                from,
                through,
                recorded.balance(from.minusDays(1)),
                account.account()
                        .policy()
                        .versions()
                        .on(asOf)
                        .map(Terms::limits)
                        .orElse(Limits.NONE),
                lines(recorded, ledger, new DateSpan(from, through), today));
    }

    /** Facts up to today, then the forecast, with what it expects of days gone by that have no hours yet in one line. */
    private static List<BalanceDetail.Line> lines(Ledger recorded, Ledger forecast, DateSpan days, LocalDate today) {
        List<BalanceDetail.Line> lines = new ArrayList<>();
        recorded.linesWithin(new DateSpan(days.first(), today)).forEach(line -> lines.add(line(line)));
        Amount expected = forecast.balance(today).minus(recorded.balance(today));
        if (!expected.isZero()) {
            lines.add(new BalanceDetail.Line(
                    today.plusDays(1),
                    LineKind.EARNED,
                    expected,
                    Amount.ZERO,
                    forecast.balance(today),
                    "Expected for days gone by without recorded hours in periods not closed: as scheduled",
                    BalanceDetail.From.HOURS));
        }
        forecast.linesWithin(days).stream()
                .filter(line -> line.on().isAfter(today))
                .forEach(line -> lines.add(line(line)));
        return lines;
    }

    /** The account of a person in a policy. */
    @Transactional(readOnly = true)
    public PersonAccount account(Person person, long policyId, Outlook outlook) {
        return accounts.of(List.of(person), outlook).stream()
                .filter(each -> each.policy().id() == policyId)
                .findFirst()
                .orElseThrow(() -> Refusal.of("policyId", person.name() + " is not enrolled in this policy."));
    }

    /** What is ahead for somebody within a year from a day on, in order of time. */
    @Transactional(readOnly = true)
    @PreAuthorize("@reach.person(#personId)")
    public List<AheadView> ahead(long personId, LocalDate asOf) {
        sight.require(asOf);
        DateSpan days = new DateSpan(asOf.plusDays(1), asOf.plusYears(1));
        boolean own = user.get().person().filter(self -> self == personId).isPresent();
        return withBalance(List.of(people.get(personId)), rows.outlook(asOf))
                .flatMap(each -> Ahead.of(each.account(), Derivation.derive(each.account(), days.last()), days).stream()
                        .map(upcoming -> own ? AheadWords.toThemselves(upcoming, each) : AheadWords.of(upcoming, each)))
                .sorted(Comparator.comparing(AheadView::on))
                .toList();
    }

    /** What each policy means for somebody on a day, as sentences; of a policy not in force then there are none. */
    @Transactional(readOnly = true)
    @PreAuthorize("@reach.person(#personId)")
    public List<OwnTermsView> terms(long personId, LocalDate on) {
        sight.require(on);
        return withBalance(List.of(people.get(personId)), rows.outlook(on))
                .map(each -> new OwnTermsView(
                        each.policy().id(), each.policy().name(), OwnTermsInWords.of(each.account(), on)))
                .filter(each -> !each.sentences().isEmpty())
                .toList();
    }

    private static BalanceDetail.Line line(LedgerLine line) {
        return new BalanceDetail.Line(
                line.on(),
                line.kind(),
                line.amount(),
                line.withheld(),
                line.balance(),
                PlainWords.why(line),
                BalanceDetail.From.of(line));
    }
}
