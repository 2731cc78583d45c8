package upahead.server.accounts.effects;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.calendar.DateSpan;
import upahead.core.ledger.Comparison;
import upahead.core.policy.Enrolment;
import upahead.core.policy.Policy;
import upahead.core.quantity.Amount;
import upahead.server.accounts.Accounts;
import upahead.server.accounts.Outlook;
import upahead.server.accounts.PersonAccount;
import upahead.server.accounts.effects.ImpactView.ClosedPeriods;
import upahead.server.accounts.effects.ImpactView.ImpactRow;
import upahead.server.employment.People;
import upahead.server.enrolment.Exceptions;
import upahead.server.enrolment.PersonException;
import upahead.server.organisation.PayGroup;
import upahead.server.periods.LateChanges;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.json.Page;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.policies.Coverage;
import upahead.server.policies.Policies;
import upahead.server.policies.PolicyDetail;
import upahead.server.policies.PolicyTerms;
import upahead.written.WrittenTerms;

/** Rehearses a draft with everybody it covers: their balances under today's rules and under the new ones. */
@Service
public class Impact {

    private static final int PART = 500;
    private static final int FURTHEST_YEARS = 3;

    private final Accounts accounts;
    private final People people;
    private final Policies policies;
    private final Concerned concerned;
    private final Exceptions exceptions;
    private final LateChanges changes;
    private final MovableClock clock;

    Impact(
            Accounts accounts,
            People people,
            Policies policies,
            Concerned concerned,
            Exceptions exceptions,
            LateChanges changes,
            MovableClock clock) {
        this.accounts = accounts;
        this.people = people;
        this.policies = policies;
        this.concerned = concerned;
        this.exceptions = exceptions;
        this.changes = changes;
        this.clock = clock;
    }

    /**
     * A part of what a draft changes, so that many people can be gone through with progress.
     *
     * @param terms the text of the draft
     * @param from its first day
     * @param coverage whom it newly enrols; whoever is enrolled stays so
     * @param page from 0 on
     * @param size how many people a part has
     * @throws Refusal if the text says something that cannot be, or the first day is too far ahead
     */
    @Transactional(readOnly = true)
    @May(Permission.WRITE_POLICIES)
    public ImpactView of(long policyId, WrittenTerms terms, LocalDate from, Coverage coverage, int page, int size) {
        if (from.isAfter(clock.today().plusYears(FURTHEST_YEARS))) {
            throw Refusal.of("from", "Looking ahead ends " + FURTHEST_YEARS + " years from today.");
        }
        PolicyDetail policy = policies.get(policyId);
        Concerned.All concerns = concerned.in(new Concerned.Asked(policyId, coverage, from), page);
        List<Long> all = concerns.people();
        List<Long> some = Page.part(all, page, size);
        Policy today = policies.rules(policy);
        List<LocalDate> days = days(today, from);
        Policy other =
                new Policy(today.unit(), today.benefitYear(), today.versions().with(from, PolicyTerms.of(terms)));
        LocalDate last = days.get(days.size() - 1);
        Map<Long, List<PersonException>> own =
                exceptions.of(some).stream().collect(Collectors.groupingBy(PersonException::personId));
        List<ImpactRow> rows = accounts
                .inPolicy(
                        people.get(some),
                        Outlook.ahead(clock.today(), last),
                        policy,
                        person -> Enrolment.from(DateSpan.later(person.hired(), from)))
                .parallelStream()
                .map(account -> row(
                        account,
                        concerns.enrolled().contains(account.person().id()),
                        PersonException.applied(
                                own.getOrDefault(account.person().id(), List.of()), policyId, other),
                        days))
                .toList();
        return new ImpactView(all.size(), days, page == 0 ? corrects(all, from) : List.of(), rows);
    }

    /**
     * The same for everybody at once, a line for each person and day.
     *
     * @throws Refusal as for a part
     */
    @May(Permission.WRITE_POLICIES)
    public List<ImpactTableRow> table(long policyId, WrittenTerms terms, LocalDate from, Coverage coverage) {
        List<ImpactTableRow> rows = new ArrayList<>();
        int page = 0;
        ImpactView part;
        do {
            part = of(policyId, terms, from, coverage, page++, PART);
            List<LocalDate> days = part.days();
            part.rows().forEach(row -> ImpactTableRow.of(row, days).forEach(rows::add));
        } while (page * PART < part.people());
        return rows;
    }

    private List<ClosedPeriods> corrects(List<Long> covered, LocalDate from) {
        List<ClosedPeriods> corrected = new ArrayList<>();
        for (PayGroup group : people.payGroupsOf(covered)) {
            changes.closedThroughIn(group.id())
                    .filter(closed -> !from.isAfter(closed))
                    .ifPresent(closed -> {
                        DateSpan first = group.calendar().periodOf(from);
                        int runs = (int) group.calendar()
                                .periodsTouching(new DateSpan(first.first(), closed))
                                .count();
                        corrected.add(new ClosedPeriods(group.name(), runs, first.first(), closed));
                    });
        }
        return corrected;
    }

    /** For a benefit year of hire anniversaries, the calendar year's end stands for everybody's own. */
    private static List<LocalDate> days(Policy rules, LocalDate from) {
        LocalDate yearEnds =
                rules.benefitYear().containing(from, from.withDayOfYear(1)).last();
        return List.of(from, yearEnds, from.plusYears(1)).stream()
                .sorted(Comparator.naturalOrder())
                .distinct()
                .toList();
    }

    private static ImpactRow row(PersonAccount account, boolean enrolled, Policy other, List<LocalDate> days) {
        Comparison comparison = Comparison.of(account.account(), other, days);
        return new ImpactRow(
                account.person().id(),
                account.person().name(),
                account.person().team(),
                enrolled,
                comparison.days().stream()
                        .map(day -> enrolled ? day.before() : Amount.ZERO)
                        .toList(),
                comparison.days().stream().map(Comparison.Day::after).toList());
    }
}
