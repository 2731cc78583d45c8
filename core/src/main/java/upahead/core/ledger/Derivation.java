package upahead.core.ledger;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import upahead.core.calendar.DateSpan;
import upahead.core.earning.CountedHours;
import upahead.core.earning.Posting;
import upahead.core.earning.Share;
import upahead.core.facts.Adjustment;
import upahead.core.facts.OpeningBalance;
import upahead.core.leave.Taken;
import upahead.core.policy.Enrolment;
import upahead.core.policy.Leftover;
import upahead.core.policy.Policy;
import upahead.core.policy.Terms;
import upahead.core.policy.YearEnd;
import upahead.core.quantity.Amount;

/** The one pure function from facts to ledger lines, in the order of the calculation contract. */
public final class Derivation {

    private final Account account;
    private final List<LedgerLine> lines;
    private final Lots lots;
    private Amount balance = Amount.ZERO;
    private Amount earnedThisYear = Amount.ZERO;
    private RoundingTotal roundingTotal = new RoundingTotal();
    private CountedHours counted = CountedHours.NONE;

    private Derivation(Account account) {
        this.account = account;
        this.lines = new ArrayList<>();
        this.lots = new Lots();
    }

    /** Goes on from where another has come to, under other rules. */
    private Derivation(Account account, Derivation reached) {
        this.account = account;
        this.lines = new ArrayList<>(reached.lines);
        this.lots = new Lots(reached.lots);
        this.balance = reached.balance;
        this.earnedThisYear = reached.earnedThisYear;
        this.roundingTotal = new RoundingTotal(reached.roundingTotal);
        this.counted = reached.counted;
    }

    /**
     * Derives the ledger of an account. Deriving to a day gives the same lines as deriving further and cutting there, and
     * the order in which facts were given does not matter.
     *
     * @param through the last day whose lines are wanted; before the ledger begins there are none
     * @return the lines with their reasons, none of which can be changed
     */
    public static Ledger derive(Account account, LocalDate through) {
        LocalDate begins = account.ledgerBegins();
        Derivation derivation = new Derivation(account);
        DateSpan.between(begins, through).ifPresent(span -> derivation.run(Agenda.of(account, span), span.last()));
        return new Ledger(account, begins, through, derivation.lines);
    }

    /** The ledgers of one account under its rules and under others. */
    record Pair(Ledger own, Ledger other) {}

    /**
     * Derives an account and the same under other rules, which gives what deriving both would; what the rules have in
     * common is gone through once.
     *
     * @param through as in {@link #derive(Account, LocalDate)}
     */
    static Pair derive(Account account, Policy other, LocalDate through) {
        Account under = account.withPolicy(other);
        LocalDate begins = account.ledgerBegins();
        LocalDate parts = account.policy().sameBefore(other, account.employment());
        if (!parts.isAfter(begins) || begins.isAfter(through)) {
            return new Pair(derive(account, through), derive(under, through));
        }
        DateSpan span = new DateSpan(begins, through);
        List<Agenda.Event> agenda = Agenda.of(account, span);
        int alike = (int)
                agenda.stream().takeWhile(event -> event.on().isBefore(parts)).count();
        List<Agenda.Event> common = agenda.subList(0, alike);
        Derivation own = new Derivation(account);
        own.run(common);
        Derivation changed = new Derivation(under, own);
        own.run(agenda.subList(alike, agenda.size()), through);
        changed.run(Agenda.from(parts, common, under, span), through);
        return new Pair(
                new Ledger(account, begins, through, own.lines), new Ledger(under, begins, through, changed.lines));
    }

    private void run(List<Agenda.Event> events, LocalDate through) {
        run(events);
        lapseThrough(through);
    }

    private void run(List<Agenda.Event> events) {
        for (Agenda.Event event : events) {
            lapseThrough(event.on());
            happen(event);
            assert lots.balance().equals(balance) : lots.balance() + " in lots, not " + balance;
        }
    }

    private void happen(Agenda.Event event) {
        if (event instanceof Agenda.Posts posts) {
            post(posts.posting());
        } else if (event instanceof Agenda.Takes takes) {
            take(takes.taken());
        } else if (event instanceof Agenda.Adjusts adjusts) {
            adjust(adjusts.adjustment());
        } else if (event instanceof Agenda.YearBegins) {
            endYear(event.on());
        } else if (event instanceof Agenda.Opens opens) {
            open(opens.opening());
        } else if (event instanceof Agenda.EnrolmentEnds ends) {
            endEnrolment(ends.end());
        } else {
            leave(event.on());
        }
    }

    /** Lots lapse on the day after their last usable one, before anything else of that day. */
    private void lapseThrough(LocalDate day) {
        Optional<LocalDate> expiry = lots.nextExpiry();
        while (expiry.isPresent() && !expiry.get().isAfter(day)) {
            lapseExpired(expiry.get());
            expiry = lots.nextExpiry();
        }
    }

    private void lapseExpired(LocalDate on) {
        for (Lots.Lot lot : lots.expireBefore(on)) {
            Reason reason = new Reason.NotUsedInTime(lot.credited(), lot.lastUsable());
            add(on, LineKind.LAPSED, lot.amount().negated(), Amount.ZERO, reason);
        }
    }

    private void endYear(LocalDate on) {
        if (on.isAfter(account.employment().hired())) {
            account.policy().versions().on(on).map(Terms::yearEnd).ifPresent(rule -> carryOver(on, rule));
        }
        earnedThisYear = Amount.ZERO;
        roundingTotal = new RoundingTotal();
    }

    private void carryOver(LocalDate on, YearEnd rule) {
        rule.carry().filter(balance::isMoreThan).ifPresent(carry -> {
            Reason reason = new Reason.NotCarriedOver(balance, carry);
            remove(on, balance.minus(carry), rule.excess(), reason);
        });
        rule.carriedUsable().ifPresent(usable -> lots.limitUse(usable.lastUsable(on)));
    }

    private void open(OpeningBalance opening) {
        earnedThisYear = opening.earnedThisYear();
        counted =
                new CountedHours(opening.hoursTowardNextStep(), account.policy().wholeStep(opening.on()));
        if (opening.balance().isNegative()) {
            lots.take(opening.balance().negated());
        } else if (opening.lots().isEmpty()) {
            lots.credit(opening.on(), opening.balance(), account.policy().usableUntil(opening.on()));
        } else {
            opening.lots().forEach(lot -> lots.credit(opening.on(), lot.amount(), lot.lastUsable()));
        }
        add(opening.on(), LineKind.OPENING, opening.balance(), Amount.ZERO, new Reason.Opened(opening));
    }

    private void post(Posting posting) {
        Terms terms = account.policy().versions().on(posting.on()).orElseThrow();
        Share share = posting.share(counted);
        counted = posting.counted(counted);
        Amount offered = roundingTotal.offer(share.exact(), terms.rounding());
        if (offered.isZero()) {
            return;
        }
        Optional<Reason.Room> room = Reason.Room.of(terms.limits(), balance, earnedThisYear);
        Amount credited = room.map(Reason.Room::amount).map(offered::min).orElse(offered);
        lots.credit(posting.on(), credited, account.policy().usableUntil(posting.on()));
        earnedThisYear = earnedThisYear.plus(credited);
        Reason reason = new Reason.Earned(share.basis(), offered, room);
        add(posting.on(), LineKind.EARNED, credited, offered.minus(credited), reason);
    }

    private void adjust(Adjustment adjustment) {
        if (adjustment.amount().isZero()) {
            return;
        }
        if (adjustment.amount().isNegative()) {
            lots.take(adjustment.amount().negated());
        } else {
            lots.credit(adjustment.on(), adjustment.amount(), account.policy().usableUntil(adjustment.on()));
        }
        Reason reason = new Reason.Adjusted(adjustment.reason());
        add(adjustment.on(), LineKind.ADJUSTED, adjustment.amount(), Amount.ZERO, reason);
    }

    private void take(Taken taken) {
        if (taken.amount().isZero()) {
            return;
        }
        lots.take(taken.amount());
        add(taken.on(), LineKind.TAKEN, taken.amount().negated(), Amount.ZERO, new Reason.LeaveTaken());
    }

    private void leave(LocalDate on) {
        Leftover leftover =
                account.policy().versions().on(on).map(Terms::onLeaving).orElse(Leftover.LAPSE);
        clear(on, leftover, new Reason.LeftOnLeaving());
    }

    private void endEnrolment(Enrolment.End end) {
        switch (end.balance()) {
            case LAPSE -> clear(end.on(), Leftover.LAPSE, new Reason.EnrolmentEnded());
            case PAY_OUT -> clear(end.on(), Leftover.PAY_OUT, new Reason.EnrolmentEnded());
            case MOVE -> moveOn(end.on());
        }
    }

    private void clear(LocalDate on, Leftover leftover, Reason reason) {
        if (balance.isPositive()) {
            remove(on, balance, leftover, reason);
        }
    }

    private void moveOn(LocalDate on) {
        if (!balance.isZero()) {
            lots.clear();
            add(on, LineKind.ADJUSTED, balance.negated(), Amount.ZERO, new Reason.MovedToAnotherPolicy());
        }
    }

    private void remove(LocalDate on, Amount amount, Leftover leftover, Reason reason) {
        List<Lots.Lot> removed = lots.take(amount);
        if (leftover == Leftover.PAY_OUT) {
            add(on, LineKind.PAID_OUT, amount.negated(), Amount.ZERO, reason);
        } else {
            removed.forEach(lot -> add(on, LineKind.LAPSED, lot.amount().negated(), Amount.ZERO, reason));
        }
    }

    private void add(LocalDate on, LineKind kind, Amount amount, Amount withheld, Reason reason) {
        balance = balance.plus(amount);
        lines.add(new LedgerLine(on, kind, amount, withheld, balance, reason));
    }
}
