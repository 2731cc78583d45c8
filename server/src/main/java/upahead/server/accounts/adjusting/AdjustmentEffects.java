package upahead.server.accounts.adjusting;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import upahead.core.calendar.DateSpan;
import upahead.core.facts.Adjustment;
import upahead.core.ledger.Account;
import upahead.core.ledger.Derivation;
import upahead.core.ledger.Ledger;
import upahead.core.policy.Limit;
import upahead.core.policy.Terms;
import upahead.core.quantity.Amount;
import upahead.server.accounts.Accounts;
import upahead.server.accounts.Outlook;
import upahead.server.accounts.PeopleInParts;
import upahead.server.accounts.PersonAccount;
import upahead.server.employment.People;
import upahead.server.employment.Person;
import upahead.server.facts.adjustments.AdjustmentChecks;
import upahead.server.facts.adjustments.AdjustmentRow;
import upahead.server.facts.adjustments.AdjustmentsTogether;
import upahead.server.periods.ClosedPeriods;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.files.Progress;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.policies.Policies;
import upahead.server.policies.PolicyDetail;

/** Works out what adjustments would make of their balances; nothing is changed. */
@Component
public class AdjustmentEffects {

    private final Accounts accounts;
    private final AdjustmentsTogether adjustments;
    private final People people;
    private final Policies policies;
    private final PeopleInParts parts;
    private final ClosedPeriods closed;
    private final MovableClock clock;
    private final Progress progress;

    AdjustmentEffects(
            Accounts accounts,
            AdjustmentsTogether adjustments,
            People people,
            Policies policies,
            PeopleInParts parts,
            ClosedPeriods closed,
            MovableClock clock,
            Progress progress) {
        this.accounts = accounts;
        this.adjustments = adjustments;
        this.people = people;
        this.policies = policies;
        this.parts = parts;
        this.closed = closed;
        this.clock = clock;
        this.progress = progress;
    }

    private record Spot(long personId, long policyId) {}

    /** One for each, in their order. */
    @May(Permission.ADJUST_BALANCES)
    public List<AdjustmentEffect> of(List<AdjustmentRow> rows) {
        AdjustmentChecks checks = adjustments.checks(rows);
        Map<AdjustmentRow, AdjustmentEffect> known = new HashMap<>();
        Map<Spot, List<AdjustmentRow>> possible = new LinkedHashMap<>();
        List<Optional<String>> faults = rows.stream().map(checks::fault).toList();
        for (int at = 0; at < rows.size(); at++) {
            if (faults.get(at).isEmpty()) {
                AdjustmentRow row = rows.get(at);
                possible.computeIfAbsent(new Spot(row.personId(), row.policyId()), unused -> new ArrayList<>())
                        .add(row);
            }
        }
        List<Person> concerned = people.get(
                possible.keySet().stream().map(Spot::personId).distinct().toList());
        LocalDate last = rows.stream()
                .map(AdjustmentRow::on)
                .reduce(clock.today(), DateSpan::later)
                .plusYears(1);
        List<PolicyDetail> all = policies.all();
        int[] done = new int[1];
        parts.each(
                concerned,
                some -> accounts.of(some, Outlook.ahead(clock.today(), last), all).stream()
                        .flatMap(account -> effects(
                                account,
                                possible.getOrDefault(
                                        new Spot(
                                                account.person().id(),
                                                account.policy().id()),
                                        List.of()))
                                .stream())
                        .toList(),
                effects -> {
                    effects.forEach(effect -> known.put(effect.row(), effect));
                    done[0] += effects.size();
                    progress.tell("Working out what would become of balances", done[0], rows.size());
                });
        return told(rows, faults, known);
    }

    private List<AdjustmentEffect> told(
            List<AdjustmentRow> rows, List<Optional<String>> faults, Map<AdjustmentRow, AdjustmentEffect> known) {
        Map<Long, Person> byId = people
                .get(rows.stream().map(AdjustmentRow::personId).distinct().toList())
                .stream()
                .collect(Collectors.toMap(Person::id, Function.identity()));
        Map<Long, PolicyDetail> policiesById = policies.byId();
        List<AdjustmentEffect> effects = new ArrayList<>(rows.size());
        for (int at = 0; at < rows.size(); at++) {
            AdjustmentRow row = rows.get(at);
            Optional<Person> person = Optional.ofNullable(byId.get(row.personId()));
            String policy = Optional.ofNullable(policiesById.get(row.policyId()))
                    .map(PolicyDetail::name)
                    .orElse("");
            effects.add(faults.get(at)
                    .map(fault -> AdjustmentEffect.wrong(
                            row,
                            person.map(Person::code).orElse(""),
                            person.map(Person::name).orElse(""),
                            policy,
                            fault))
                    .orElseGet(() -> known.get(row)));
        }
        return effects;
    }

    private List<AdjustmentEffect> effects(PersonAccount account, List<AdjustmentRow> rows) {
        if (rows.isEmpty()) {
            return List.of();
        }
        List<Adjustment> more = rows.stream().map(AdjustmentRow::adjustment).toList();
        return rows.stream().map(row -> effect(account, row, more)).toList();
    }

    private AdjustmentEffect effect(PersonAccount account, AdjustmentRow row, List<Adjustment> more) {
        Account on = account.on(row.on());
        Ledger before = Derivation.derive(on, row.on());
        Amount balance = before.balance(row.on());
        Amount after = Derivation.derive(with(on, more), row.on()).balance(row.on());
        LocalDate yearEnds =
                before.benefitYear(DateSpan.later(row.on(), clock.today())).last();
        Amount endBefore = Derivation.derive(account.account(), yearEnds).balance(yearEnds);
        Amount endAfter =
                Derivation.derive(with(account.account(), more), yearEnds).balance(yearEnds);
        return new AdjustmentEffect(
                row,
                account.person().code(),
                account.person().name(),
                account.person().team(),
                account.policy().name(),
                account.policy().unit(),
                balance,
                after,
                yearEnds,
                endBefore,
                endAfter,
                false,
                says(account, row, balance, after, endAfter.minus(endBefore), more));
    }

    private static Account with(Account account, List<Adjustment> more) {
        List<Adjustment> all = Stream.concat(account.facts().adjustments().stream(), more.stream())
                .toList();
        return account.withFacts(account.facts().withAdjustments(all));
    }

    private List<String> says(
            PersonAccount account,
            AdjustmentRow row,
            Amount before,
            Amount after,
            Amount atTheEnd,
            List<Adjustment> more) {
        List<String> says = new ArrayList<>();
        if (after.isNegative() && !before.isNegative()) {
            says.add("goes below zero");
        }
        account.account()
                .policy()
                .versions()
                .on(row.on())
                .map(Terms::limits)
                .flatMap(limits -> limits.on(Limit.BALANCE))
                .filter(limit -> after.isMoreThan(limit) && !before.isMoreThan(limit))
                .ifPresent(limit -> says.add("above the balance limit of " + limit));
        Amount changes = Amount.sum(more.stream().map(Adjustment::amount).toList());
        if (!atTheEnd.equals(changes)) {
            says.add("moves the year’s end by " + atTheEnd + ": what lapses or is withheld changes with it");
        }
        if (closed.closedThrough(List.of(account.person().payGroupId()))
                .filter(through -> !row.on().isAfter(through))
                .isPresent()) {
            says.add("in a closed period: comes as a correction in the next run");
        }
        return says;
    }
}
