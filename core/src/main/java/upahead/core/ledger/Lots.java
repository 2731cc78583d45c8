package upahead.core.ledger;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.PriorityQueue;
import upahead.core.calendar.DateSpan;
import upahead.core.quantity.Amount;

/**
 * What a balance is made of while a ledger is derived: credits, each perhaps with a last usable day, or a debt. Used
 * soonest-expiring first, then those that never expire, oldest first within a tie.
 */
final class Lots {

    /**
     * A part of the balance.
     *
     * @param lastUsable null where it never expires
     * @param order of crediting, for lots of one day
     */
    record Lot(LocalDate credited, LocalDate lastUsable, Amount amount, int order) {
        private static int soonestFirst(Lot one, Lot other) {
            if (one.lastUsable != null && other.lastUsable != null) {
                int days = one.lastUsable.compareTo(other.lastUsable);
                if (days != 0) {
                    return days;
                }
            } else if (one.lastUsable != other.lastUsable) {
                return one.lastUsable == null ? 1 : -1;
            }
            int days = one.credited.compareTo(other.credited);
            return days == 0 ? Integer.compare(one.order, other.order) : days;
        }

        Lot of(Amount other) {
            return new Lot(credited, lastUsable, other, order);
        }

        boolean isExpiredOn(LocalDate day) {
            return lastUsable != null && lastUsable.isBefore(day);
        }

        Lot usableUntilAtMost(LocalDate day) {
            return new Lot(credited, lastUsable == null ? day : DateSpan.earlier(lastUsable, day), amount, order);
        }
    }

    private final PriorityQueue<Lot> lots;
    private Amount debt = Amount.ZERO;
    private int credits;

    Lots() {
        lots = new PriorityQueue<>(Lot::soonestFirst);
    }

    /** A copy that goes its own way. */
    Lots(Lots other) {
        lots = new PriorityQueue<>(other.lots);
        debt = other.debt;
        credits = other.credits;
    }

    Amount balance() {
        return Amount.sum(lots.stream().map(Lot::amount).toList()).minus(debt);
    }

    /** Adds a credit; a balance below zero is repaid before the rest forms a lot. */
    void credit(LocalDate on, Amount amount, Optional<LocalDate> lastUsable) {
        Amount repaid = debt.min(amount);
        debt = debt.minus(repaid);
        if (amount.isMoreThan(repaid)) {
            lots.add(new Lot(on, lastUsable.orElse(null), amount.minus(repaid), credits++));
        }
    }

    /** Takes an amount, of any size, and returns the parts of lots that it used up. */
    List<Lot> take(Amount amount) {
        List<Lot> used = new ArrayList<>();
        Amount open = amount;
        while (open.isPositive() && !lots.isEmpty()) {
            Lot soonest = lots.remove();
            Amount part = soonest.amount().min(open);
            used.add(soonest.of(part));
            if (soonest.amount().isMoreThan(part)) {
                lots.add(soonest.of(soonest.amount().minus(part)));
            }
            open = open.minus(part);
        }
        debt = debt.plus(open);
        return used;
    }

    /** Removes and returns the lots whose last usable day is before a day. */
    List<Lot> expireBefore(LocalDate day) {
        if (lots.isEmpty() || !lots.element().isExpiredOn(day)) {
            return List.of();
        }
        List<Lot> expired = new ArrayList<>();
        while (!lots.isEmpty() && lots.element().isExpiredOn(day)) {
            expired.add(lots.remove());
        }
        return expired;
    }

    /** Forgets everything, debts included. */
    void clear() {
        lots.clear();
        debt = Amount.ZERO;
    }

    /** No lot can be used longer than a day. */
    void limitUse(LocalDate lastUsable) {
        List<Lot> limited =
                lots.stream().map(lot -> lot.usableUntilAtMost(lastUsable)).toList();
        lots.clear();
        lots.addAll(limited);
    }

    /** The day on which the next lot expires: the day after its last usable one. */
    Optional<LocalDate> nextExpiry() {
        return Optional.ofNullable(lots.peek()).map(Lot::lastUsable).map(last -> last.plusDays(1));
    }

    /** All lots, in the order in which they would be used. */
    List<Lot> all() {
        return lots.stream().sorted(Lot::soonestFirst).toList();
    }
}
