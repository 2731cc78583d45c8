package upahead.server.payruns;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import upahead.core.ledger.LineKind;
import upahead.core.payrun.NewPosting;
import upahead.core.payrun.Unusual;
import upahead.core.policy.Limit;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;
import upahead.server.payruns.Caution.Kind;
import upahead.server.platform.words.Words;

/** Finds what in a run only needs a look. */
final class Cautions {

    private final PayRun run;
    private final List<Caution> found = new ArrayList<>();

    private Cautions(PayRun run) {
        this.run = run;
    }

    /**
     * Of one person: those about hours first, then policy by policy. Where the hours are unusual, nothing is said of what
     * was earned by them.
     */
    static List<Caution> of(PersonPostings person, PayRun run) {
        Cautions cautions = new Cautions(run);
        cautions.hours(person);
        boolean hoursAreTold = !cautions.found.isEmpty();
        person.accounts().forEach(account -> cautions.balance(account, hoursAreTold));
        return List.copyOf(cautions.found);
    }

    /** Nothing is told of whoever leaves in the period: fewer hours are no surprise then. */
    private void hours(PersonPostings person) {
        LocalDate lastDay = person.person().lastDay();
        if (lastDay != null && !lastDay.isAfter(run.lastDay())) {
            return;
        }
        Amount now = person.hoursWorked();
        List<Amount> before = person.workedBefore();
        if (now.isZero() && before.stream().anyMatch(Amount::isPositive)) {
            add(person, Kind.NO_HOURS, "No hours, before " + range(before));
        } else if (Unusual.isFarFrom(now, before)) {
            add(person, Kind.UNLIKE_BEFORE, Words.amount(now, Unit.HOURS) + " worked, before " + range(before));
        }
    }

    private void balance(AccountPostings account, boolean hoursAreTold) {
        RunTotals totals = RunTotals.of(account);
        boolean recordedOnly = account.account().policy().recordedOnly();
        if (totals.closing().isNegative() && !recordedOnly) {
            add(account, Kind.BELOW_ZERO, words(totals.closing().negated(), account) + " below zero");
        }
        if (totals.withheld().isPositive()) {
            add(account, Kind.AT_A_LIMIT, "At a limit: " + words(totals.withheld(), account) + " withheld");
        }
        useLimit(account, totals);
        if (account.lines().stream().map(CausedPosting::line).anyMatch(NewPosting::isCorrection)) {
            add(
                    account,
                    Kind.CORRECTED,
                    "Corrects earlier runs by "
                            + words(totals.corrections(), account).replace('-', '−'));
        }
        Amount lapsed = Amount.sum(account.lines().stream()
                .map(CausedPosting::line)
                .filter(line -> line.kind() == LineKind.LAPSED && !line.on().isBefore(run.firstDay()))
                .map(NewPosting::amount)
                .toList());
        if (!lapsed.isZero()) {
            add(account, Kind.LAPSED, words(lapsed.abs(), account) + " lapsed");
        }
        if (!hoursAreTold && Unusual.isFarFrom(totals.earned(), account.earnedBefore())) {
            add(
                    account,
                    Kind.UNLIKE_BEFORE,
                    words(totals.earned(), account) + " earned, before " + range(account.earnedBefore()));
        }
    }

    /** Told in the run in which something is used, not in every one after it. */
    private void useLimit(AccountPostings account, RunTotals totals) {
        if (account.ledger() == null || !totals.used().isPositive()) {
            return;
        }
        Optional<Amount> limit = account.account()
                .account()
                .policy()
                .versions()
                .on(run.lastDay())
                .flatMap(terms -> terms.limits().on(Limit.USED_PER_YEAR))
                .filter(Amount::isPositive);
        Amount used = account.ledger().standing(run.lastDay()).usedThisYear();
        limit.filter(figure -> Unusual.isNear(used, figure))
                .ifPresent(figure -> add(
                        account,
                        Kind.NEAR_USE_LIMIT,
                        Words.figure(used) + " of " + words(figure, account) + " used this year"));
    }

    private static String words(Amount amount, AccountPostings account) {
        return Words.amount(amount, account.account().policy().unit());
    }

    /** "72.5 to 75": of the last runs */
    private static String range(List<Amount> before) {
        Amount least = before.stream().min(Comparator.naturalOrder()).orElseThrow();
        Amount most = before.stream().max(Comparator.naturalOrder()).orElseThrow();
        return least.equals(most) ? Words.figure(most) : Words.figure(least) + " to " + Words.figure(most);
    }

    private void add(PersonPostings person, Kind kind, String words) {
        found.add(new Caution(kind, person.person().id(), person.person().name(), null, null, words, null));
    }

    private void add(AccountPostings account, Kind kind, String words) {
        found.add(new Caution(
                kind,
                account.account().person().id(),
                account.account().person().name(),
                account.account().policy().id(),
                account.account().policy().name(),
                words,
                null));
    }
}
