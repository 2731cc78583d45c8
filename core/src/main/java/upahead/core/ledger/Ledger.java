package upahead.core.ledger;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import upahead.core.calendar.DateSpan;
import upahead.core.policy.Limit;
import upahead.core.policy.Limits;
import upahead.core.policy.Terms;
import upahead.core.quantity.Amount;

/**
 * The derived lines of one account, in order, up to the day through which they were derived. Asked about a later day it
 * refuses, since it would have to guess. Immutable.
 */
public final class Ledger {

    private final Account account;
    private final LocalDate begins;
    private final LocalDate through;
    private final List<LedgerLine> lines;

    Ledger(Account account, LocalDate begins, LocalDate through, List<LedgerLine> lines) {
        this.account = account;
        this.begins = begins;
        this.through = through;
        this.lines = List.copyOf(lines);
    }

    /** The day on which the ledger begins: that of the latest opening balance, else the hire date or an earlier adjustment. */
    public LocalDate begins() {
        return begins;
    }

    /** The last day whose lines are here. */
    public LocalDate through() {
        return through;
    }

    /** All lines in the order in which they happen. */
    public List<LedgerLine> lines() {
        return lines;
    }

    /**
     * The lines dated within a span.
     *
     * @throws IllegalArgumentException if the span ends after the last day derived
     */
    public List<LedgerLine> linesWithin(DateSpan span) {
        requireDerived(span.last());
        return lines.stream().filter(line -> span.contains(line.on())).toList();
    }

    /**
     * Time that lapses on a day.
     *
     * @param on the day after its last usable one
     * @param amount of all lots that lapse that day, above zero
     */
    public record Lapse(LocalDate on, Amount amount) {}

    /**
     * The first day within a span on which time lapses, and how much.
     *
     * @throws IllegalArgumentException if the span ends after the last day derived
     */
    public Optional<Lapse> firstLapse(DateSpan span) {
        List<LedgerLine> lapses = linesWithin(span).stream()
                .filter(line -> line.kind() == LineKind.LAPSED)
                .toList();
        if (lapses.isEmpty()) {
            return Optional.empty();
        }
        LocalDate first = lapses.get(0).on();
        Amount lost = Amount.sum(lapses.stream()
                .filter(line -> line.on().equals(first))
                .map(LedgerLine::amount)
                .toList());
        return Optional.of(new Lapse(first, lost.negated()));
    }

    /**
     * The figures at the end of a day; all 0 before the ledger begins.
     *
     * @throws IllegalArgumentException if the day is after the last one derived
     */
    public Standing standing(LocalDate asOf) {
        requireDerived(asOf);
        DateSpan year = benefitYear(asOf);
        Standing standing = Standing.NOTHING;
        for (LedgerLine line : lines) {
            if (line.on().isAfter(asOf)) {
                break;
            }
            standing = standing.plus(line, year.contains(line.on()));
        }
        return standing;
    }

    /**
     * The balance at the end of a day, of any sign; 0 before the ledger begins.
     *
     * @throws IllegalArgumentException if the day is after the last one derived
     */
    public Amount balance(LocalDate asOf) {
        requireDerived(asOf);
        Amount balance = Amount.ZERO;
        for (LedgerLine line : lines) {
            if (line.on().isAfter(asOf)) {
                break;
            }
            balance = line.balance();
        }
        return balance;
    }

    /**
     * What could be used on a day if nothing else were booked later (calculation contract, "Availability and the check of
     * a request"). At least 0; 0 before use begins and after the last day.
     *
     * @throws IllegalArgumentException if the day is after the last one derived
     */
    public Amount available(LocalDate on) {
        requireDerived(on);
        Optional<Terms> terms = account.policy().versions().on(on);
        if (terms.isEmpty() || on.isBefore(begins) || useIsClosed(on)) {
            return Amount.ZERO;
        }
        Limits limits = terms.get().limits();
        Standing standing = standing(on);
        Amount held = standing.balance().plus(limits.orZero(Limit.OVERDRAW));
        return limits.on(Limit.USED_PER_YEAR)
                .map(limit -> held.min(limit.minus(standing.usedThisYear())))
                .orElse(held)
                .floorAtZero();
    }

    /** The first day on which time can be used under the version in force on a day; nothing where none is. */
    public Optional<LocalDate> useBegins(LocalDate on) {
        return account.policy()
                .versions()
                .on(on)
                .map(terms -> DateSpan.later(
                        account.enrolment().from(),
                        terms.waitToUse().endsAfter(account.employment().hired())));
    }

    /** The benefit year of the policy that contains a day, also one that was not derived. */
    public DateSpan benefitYear(LocalDate day) {
        return account.policy()
                .benefitYear()
                .containing(day, account.employment().hired());
    }

    private void requireDerived(LocalDate day) {
        if (day.isAfter(through)) {
            throw new IllegalArgumentException("this ledger is derived through " + through + ", not " + day);
        }
    }

    private boolean useIsClosed(LocalDate on) {
        return useBegins(on).filter(on::isBefore).isPresent()
                || account.employment().leaves().filter(on::isAfter).isPresent()
                || account.enrolment()
                        .ends()
                        .filter(end -> on.isAfter(end.on()))
                        .isPresent();
    }
}
