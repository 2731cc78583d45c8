package upahead.core.ledger;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import upahead.core.calendar.DateSpan;
import upahead.core.quantity.Amount;

/**
 * What a balance is made of while a ledger is derived: credits, each perhaps with a last usable day, or a debt. Used
 * soonest-expiring first, then those that never expire, oldest first within a tie.
 */
final class Lots {

    /** A part of the balance. */
    record Lot(LocalDate credited, Optional<LocalDate> lastUsable, Amount amount) {
        private static final Comparator<Lot> SOONEST_FIRST = Comparator.<Lot, LocalDate>comparing(
                        lot -> lot.lastUsable().orElse(LocalDate.MAX))
                .thenComparing(Lot::credited);

        Lot of(Amount other) {
            return new Lot(credited, lastUsable, other);
        }

        Lot usableUntilAtMost(LocalDate day) {
            return new Lot(credited, Optional.of(DateSpan.earlier(lastUsable.orElse(day), day)), amount);
        }
    }

    private final List<Lot> lots = new ArrayList<>();
    private Amount debt = Amount.ZERO;

    Amount balance() {
        return Amount.sum(lots.stream().map(Lot::amount).toList()).minus(debt);
    }

    /** Adds a credit; a balance below zero is repaid before the rest forms a lot. */
    void credit(LocalDate on, Amount amount, Optional<LocalDate> lastUsable) {
        Amount repaid = debt.min(amount);
        debt = debt.minus(repaid);
        if (amount.isMoreThan(repaid)) {
            lots.add(new Lot(on, lastUsable, amount.minus(repaid)));
            lots.sort(Lot.SOONEST_FIRST);
        }
    }

    /** Takes an amount, of any size, and returns the parts of lots that it used up. */
    List<Lot> take(Amount amount) {
        List<Lot> used = new ArrayList<>();
        Amount open = amount;
        while (open.isPositive() && !lots.isEmpty()) {
            Lot soonest = lots.remove(0);
            Amount part = soonest.amount().min(open);
            used.add(soonest.of(part));
            if (soonest.amount().isMoreThan(part)) {
                lots.add(0, soonest.of(soonest.amount().minus(part)));
            }
            open = open.minus(part);
        }
        debt = debt.plus(open);
        return used;
    }

    /** Removes and returns the lots whose last usable day is before a day. */
    List<Lot> expireBefore(LocalDate day) {
        List<Lot> expired = lots.stream()
                .filter(lot -> lot.lastUsable().filter(day::isAfter).isPresent())
                .toList();
        lots.removeAll(expired);
        return expired;
    }

    /** Forgets everything, debts included. */
    void clear() {
        lots.clear();
        debt = Amount.ZERO;
    }

    /** No lot can be used longer than a day. */
    void limitUse(LocalDate lastUsable) {
        lots.replaceAll(lot -> lot.usableUntilAtMost(lastUsable));
        lots.sort(Lot.SOONEST_FIRST);
    }

    /** The day on which the next lot expires: the day after its last usable one. */
    Optional<LocalDate> nextExpiry() {
        return lots.isEmpty() ? Optional.empty() : lots.get(0).lastUsable().map(last -> last.plusDays(1));
    }

    List<Lot> all() {
        return List.copyOf(lots);
    }
}
