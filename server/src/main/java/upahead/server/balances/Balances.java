package upahead.server.balances;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.calendar.DateSpan;
import upahead.core.facts.Adjustment;
import upahead.core.facts.OpeningBalance;
import upahead.core.leave.Taken;
import upahead.core.ledger.Account;
import upahead.core.ledger.Ahead;
import upahead.core.ledger.Askable;
import upahead.core.ledger.Derivation;
import upahead.core.ledger.Ledger;
import upahead.core.ledger.LedgerLine;
import upahead.core.ledger.LineKind;
import upahead.core.ledger.PlainWords;
import upahead.core.ledger.Standing;
import upahead.core.policy.Limits;
import upahead.core.policy.Terms;
import upahead.core.quantity.Amount;
import upahead.server.access.CurrentUser;
import upahead.server.audit.Audit;
import upahead.server.audit.Thing;
import upahead.server.changes.LateChange.Subject;
import upahead.server.changes.LateChanges;
import upahead.server.clock.MovableClock;
import upahead.server.json.Page;
import upahead.server.people.People;
import upahead.server.people.PeopleQuery;
import upahead.server.people.Person;
import upahead.server.people.Reach;
import upahead.server.problems.Refusal;
import upahead.server.words.Words;

/** Balances as of any day: looking back on facts, looking ahead with scheduled work and booked leave. */
@Service
public class Balances {

    private static final int MONTHS_SHOWN_BEFORE = 9;
    private static final int MONTHS_SHOWN_AFTER = 9;
    private static final int DAYS_SHOWN_BEFORE_IT_BEGINS = 10;
    private static final int YEARS_AHEAD = 3;
    private static final int MOST_DECIMALS = 10;
    private static final Amount LARGEST = Amount.of(100_000);

    private final Accounts accounts;
    private final FactStore facts;
    private final People people;
    private final Reach reach;
    private final MovableClock clock;
    private final Audit audit;
    private final CurrentUser user;
    private final LateChanges changes;

    Balances(
            Accounts accounts,
            FactStore facts,
            People people,
            Reach reach,
            MovableClock clock,
            Audit audit,
            CurrentUser user,
            LateChanges changes) {
        this.accounts = accounts;
        this.facts = facts;
        this.people = people;
        this.reach = reach;
        this.clock = clock;
        this.audit = audit;
        this.user = user;
        this.changes = changes;
    }

    /** Everybody's balances as of a day, page by page of people; for an approver those of the people assigned. */
    @Transactional(readOnly = true)
    @PreAuthorize("hasAnyRole('ADMINISTRATOR', 'APPROVER')")
    public Page<BalanceRow> all(LocalDate asOf, PeopleQuery query, Long policyId) {
        requireInSight(asOf);
        PeopleQuery wanted = reach.led(policyId == null ? query : query.enrolledIn(policyId));
        List<BalanceRow> rows = withBalance(people.search(wanted), outlook(asOf))
                .filter(each -> policyId == null || each.policy().id() == policyId)
                .map(each -> row(each, asOf))
                .toList();
        return new Page<>(rows, people.count(wanted));
    }

    /** The accounts of some people but those of kinds that are only recorded. */
    private Stream<PersonAccount> withBalance(List<Person> some, Outlook outlook) {
        return accounts.of(some, outlook).stream().filter(each -> !each.policy().recordedOnly());
    }

    /** One person's balances as of a day. */
    @Transactional(readOnly = true)
    @PreAuthorize("@reach.person(#personId)")
    public List<BalanceRow> of(long personId, LocalDate asOf) {
        requireInSight(asOf);
        return withBalance(List.of(people.get(personId)), outlook(asOf))
                .map(each -> row(each, asOf))
                .toList();
    }

    /**
     * One balance with its ledger.
     *
     * @throws Refusal if the person is not enrolled in the policy
     */
    @Transactional(readOnly = true)
    @PreAuthorize("@reach.person(#personId)")
    public BalanceDetail one(long personId, long policyId, LocalDate asOf) {
        requireInSight(asOf);
        LocalDate today = clock.today();
        LocalDate through = DateSpan.later(asOf, today).plusMonths(MONTHS_SHOWN_AFTER);
        PersonAccount account = account(people.get(personId), policyId, Outlook.ahead(today, through));
        requireBalance(account);
        Ledger ledger = Derivation.derive(account.account(), through);
        Ledger recorded = Derivation.derive(account.on(today), today);
        LocalDate from = DateSpan.later(
                DateSpan.earlier(asOf, today).minusMonths(MONTHS_SHOWN_BEFORE),
                DateSpan.earlier(ledger.begins(), today).minusDays(DAYS_SHOWN_BEFORE_IT_BEGINS));
        Optional<Limits> limits = account.account().policy().versions().on(asOf).map(Terms::limits);
        return new BalanceDetail(
                row(account, asOf),
                asOf,
                today,
                from,
                through,
                recorded.balance(from.minusDays(1)),
                limits.flatMap(Limits::balance).orElse(null),
                limits.flatMap(Limits::earnedPerYear).orElse(null),
                limits.flatMap(Limits::usedPerYear).orElse(null),
                limits.map(Limits::overdraw).orElse(Amount.ZERO),
                lines(recorded, ledger, new DateSpan(from, through), today));
    }

    /** Facts up to today, then the forecast, with what it expects of days gone by that have no hours yet in one line. */
    private static List<BalanceDetail.Line> lines(Ledger recorded, Ledger forecast, DateSpan days, LocalDate today) {
        List<BalanceDetail.Line> lines = new ArrayList<>();
        recorded.linesWithin(days).forEach(line -> lines.add(line(line)));
        Amount expected = forecast.balance(today).minus(recorded.balance(today));
        if (!expected.isZero()) {
            lines.add(new BalanceDetail.Line(
                    today.plusDays(1),
                    LineKind.EARNED,
                    expected,
                    Amount.ZERO,
                    forecast.balance(today),
                    "Expected for days gone by without recorded hours in periods not closed: as scheduled"));
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
        requireInSight(asOf);
        DateSpan days = new DateSpan(asOf.plusDays(1), asOf.plusYears(1));
        return withBalance(List.of(people.get(personId)), outlook(asOf))
                .flatMap(each -> Ahead.of(each.account(), Derivation.derive(each.account(), days.last()), days).stream()
                        .map(upcoming -> AheadWords.of(upcoming, each.policy())))
                .sorted(Comparator.comparing(AheadView::on))
                .toList();
    }

    /** Sets an opening balance. */
    @Transactional
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public void open(long personId, long policyId, OpeningBalance opening) {
        facts.addOpening(personId, policyId, opening);
        changes.note(
                personId,
                policyId,
                DateSpan.earlier(people.get(personId).hired(), opening.on()),
                "Opening balance of " + Words.day(opening.on()) + " set by "
                        + user.get().name(),
                Subject.BALANCE,
                policyId);
        audit.record(Thing.PERSON, personId, "set an opening balance", null, new OpeningIn(policyId, opening));
    }

    /**
     * Adjusts a balance.
     *
     * @throws Refusal if the person is not enrolled in the policy, or the amount is 0 or has more than ten decimals
     */
    @Transactional
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public void adjust(long personId, long policyId, Adjustment adjustment) {
        Amount amount = adjustment.amount();
        if (amount.isZero()) {
            throw Refusal.of("amount", "An adjustment of 0 changes nothing.");
        }
        if (amount.value().scale() > MOST_DECIMALS
                || amount.max(amount.negated()).isMoreThan(LARGEST)) {
            throw Refusal.of("amount", "Please give an amount up to " + LARGEST + " with at most ten decimals.");
        }
        requireInSight(adjustment.on());
        PersonAccount account = account(people.get(personId), policyId, Outlook.recorded());
        requireBalance(account);
        changes.note(
                personId,
                policyId,
                adjustment.on(),
                "Adjusted on " + Words.day(adjustment.on()) + " by "
                        + user.get().name() + ": " + adjustment.reason(),
                Subject.BALANCE,
                policyId);
        facts.addAdjustment(personId, policyId, adjustment, user.get().name());
        audit.record(
                Thing.PERSON,
                personId,
                "adjusted the balance of " + account.policy().name(),
                null,
                adjustment);
    }

    private static void requireBalance(PersonAccount account) {
        if (account.policy().recordedOnly()) {
            throw Refusal.of("policyId", account.policy().name() + " is only recorded and has no balance.");
        }
    }

    private Outlook outlook(LocalDate asOf) {
        LocalDate today = clock.today();
        return Outlook.ahead(today, DateSpan.later(asOf, today).plusYears(1));
    }

    private void requireInSight(LocalDate asOf) {
        if (asOf.isAfter(clock.today().plusYears(YEARS_AHEAD))) {
            throw Refusal.of("asOf", "Looking ahead ends " + YEARS_AHEAD + " years from today.");
        }
    }

    private BalanceRow row(PersonAccount each, LocalDate asOf) {
        Ledger ahead = Derivation.derive(each.account(), asOf.plusYears(1));
        Account account = each.on(asOf);
        Ledger ledger = account == each.account() ? ahead : Derivation.derive(account, asOf);
        Standing standing = ledger.standing(asOf);
        LocalDate yearEnds = ledger.benefitYear(asOf).last();
        Amount booked = Amount.sum(each.account().facts().taken().stream()
                .filter(taken -> taken.on().isAfter(asOf) && !taken.on().isAfter(yearEnds))
                .map(Taken::amount)
                .toList());
        return new BalanceRow(
                each.person().id(),
                each.person().code(),
                each.person().name(),
                each.person().team(),
                each.policy().id(),
                each.policy().name(),
                each.policy().kind(),
                each.policy().unit(),
                standing.earnedThisYear(),
                standing.usedThisYear(),
                standing.withheldThisYear(),
                booked,
                standing.balance(),
                ledger.available(asOf),
                Askable.on(each.account(), asOf, ledger.available(asOf)),
                ledger.useBegins(asOf).orElse(null),
                ahead.firstLapse(new DateSpan(asOf.plusDays(1), asOf.plusYears(1)))
                        .map(lapse -> new BalanceRow.Lapse(lapse.on(), lapse.amount()))
                        .orElse(null));
    }

    private static BalanceDetail.Line line(LedgerLine line) {
        return new BalanceDetail.Line(
                line.on(), line.kind(), line.amount(), line.withheld(), line.balance(), PlainWords.why(line));
    }
}
