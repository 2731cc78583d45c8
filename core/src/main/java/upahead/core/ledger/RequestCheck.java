package upahead.core.ledger;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import upahead.core.leave.Taken;
import upahead.core.policy.Limit;
import upahead.core.policy.Terms;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Fraction;

/**
 * The check of a request: its days are added to the facts and everything is derived anew, later approved leave
 * included (calculation contract, "Availability and the check of a request").
 *
 * @param with the ledger with the request taken
 * @param problems in order of date; empty where the request is affordable
 */
public record RequestCheck(Ledger with, List<RequestProblem> problems) {

    /**
     * Checks a request.
     *
     * @param account with its facts forecast through the last requested day and the last approved one
     * @param asked the days of the request and their cost
     * @throws IllegalArgumentException if no day is asked for
     */
    public static RequestCheck of(Account account, List<Taken> asked) {
        List<Taken> approved = account.facts().taken();
        LocalDate horizon = Stream.concat(approved.stream(), asked.stream())
                .map(Taken::on)
                .max(LocalDate::compareTo)
                .orElseThrow(() -> new IllegalArgumentException("a request needs a day"));
        Ledger without = Derivation.derive(account, horizon);
        List<Taken> all = Stream.concat(approved.stream(), asked.stream()).toList();
        Ledger with = Derivation.derive(account.withFacts(account.facts().withTaken(all)), horizon);
        return new RequestCheck(with, new Check(account, without, with).problems(approved, asked));
    }

    /**
     * The largest part of a request that is affordable: day by day in order of time, each whole or as many steps of it as
     * can be afforded together with the days before it.
     *
     * @param account as for {@link #of}
     * @param asked the days of the request and their cost
     * @param step what a part of a day is a multiple of, above 0; nothing where only whole days can be asked for
     * @return the affordable days in order of time; empty where none is
     */
    public static List<Taken> largestAffordable(Account account, List<Taken> asked, Optional<Amount> step) {
        List<Taken> kept = new ArrayList<>();
        for (Taken day : asked.stream().sorted(Comparator.comparing(Taken::on)).toList()) {
            if (!isAffordable(account, kept, day)) {
                step.flatMap(each -> largestPart(account, kept, day, each)).ifPresent(kept::add);
            } else {
                kept.add(day);
            }
        }
        return kept;
    }

    private static boolean isAffordable(Account account, List<Taken> kept, Taken day) {
        return of(account, Stream.concat(kept.stream(), Stream.of(day)).toList())
                .isAffordable();
    }

    /** More of a day is never easier to afford than less of it, so that halving finds the most. */
    private static Optional<Taken> largestPart(Account account, List<Taken> kept, Taken day, Amount step) {
        long affordable = 0;
        long tooMuch =
                Fraction.of(day.amount()).dividedBy(Fraction.of(step)).floor().longValueExact();
        tooMuch++;
        while (tooMuch - affordable > 1) {
            long middle = (affordable + tooMuch) / 2;
            Amount part = step.times(Amount.of(middle));
            if (isAffordable(account, kept, new Taken(day.on(), part))) {
                affordable = middle;
            } else {
                tooMuch = middle;
            }
        }
        return affordable == 0 ? Optional.empty() : Optional.of(new Taken(day.on(), step.times(Amount.of(affordable))));
    }

    /** Whether nothing stands against it; waits, limits and later approved leave minded. */
    public boolean isAffordable() {
        return problems.isEmpty();
    }

    private record Check(Account account, Ledger without, Ledger with) {

        List<RequestProblem> problems(List<Taken> approved, List<Taken> asked) {
            List<RequestProblem> problems = new ArrayList<>();
            var askedDays = asked.stream().map(Taken::on).collect(Collectors.toCollection(TreeSet::new));
            askedDays.forEach(day -> problems.addAll(problemsOf(day)));
            approved.stream()
                    .map(Taken::on)
                    .distinct()
                    .filter(day -> day.isAfter(askedDays.first()) && !askedDays.contains(day))
                    .forEach(day -> problems.addAll(newlyShort(day)));
            problems.sort(Comparator.comparing(RequestProblem::on));
            return List.copyOf(problems);
        }

        private List<RequestProblem> problemsOf(LocalDate day) {
            if (!account.employment().isEmployedOn(day)
                    || account.enrolment()
                            .ends()
                            .filter(end -> day.isAfter(end.on()))
                            .isPresent()) {
                return List.of(new RequestProblem.NotCovered(day));
            }
            List<RequestProblem> found = new ArrayList<>();
            with.useBegins(day)
                    .filter(day::isBefore)
                    .ifPresent(begins -> found.add(new RequestProblem.NotYetUsable(day, begins)));
            overUsed(with, day).ifPresent(by -> found.add(new RequestProblem.OverUsedPerYear(day, useLimit(day), by)));
            shortOn(with, day).ifPresent(by -> found.add(new RequestProblem.NotEnough(day, by)));
            return found;
        }

        private List<RequestProblem> newlyShort(LocalDate day) {
            List<RequestProblem> found = new ArrayList<>();
            if (overUsed(without, day).isEmpty()) {
                overUsed(with, day)
                        .ifPresent(by -> found.add(new RequestProblem.OverUsedPerYear(day, useLimit(day), by)));
            }
            if (shortOn(without, day).isEmpty()) {
                shortOn(with, day).ifPresent(by -> found.add(new RequestProblem.LaterLeaveShort(day, by)));
            }
            return found;
        }

        private Optional<Terms> terms(LocalDate day) {
            return account.policy().versions().on(day);
        }

        private Amount useLimit(LocalDate day) {
            return terms(day)
                    .flatMap(terms -> terms.limits().on(Limit.USED_PER_YEAR))
                    .orElseThrow();
        }

        private Optional<Amount> overUsed(Ledger ledger, LocalDate day) {
            return terms(day)
                    .flatMap(terms -> terms.limits().on(Limit.USED_PER_YEAR))
                    .map(limit -> ledger.standing(day).usedThisYear().minus(limit))
                    .filter(Amount::isPositive);
        }

        private Optional<Amount> shortOn(Ledger ledger, LocalDate day) {
            Amount overdraw = terms(day)
                    .map(terms -> terms.limits().orZero(Limit.OVERDRAW))
                    .orElse(Amount.ZERO);
            return Optional.of(ledger.balance(day).plus(overdraw).negated()).filter(Amount::isPositive);
        }
    }
}
