package upahead.core.ledger;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Stream;
import upahead.core.calendar.DateSpan;
import upahead.core.earning.Posting;
import upahead.core.earning.Share;
import upahead.core.facts.Adjustment;
import upahead.core.facts.OpeningBalance;
import upahead.core.leave.Taken;
import upahead.core.policy.Leftover;
import upahead.core.policy.Limits;
import upahead.core.policy.Terms;
import upahead.core.policy.Usability;
import upahead.core.policy.YearEnd;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Fraction;
import upahead.core.quantity.Rounding;

/** The one pure function from facts to ledger lines, in the order of the calculation contract. */
public final class Derivation {

    private final Account account;
    private final List<LedgerLine> lines = new ArrayList<>();
    private final Lots lots = new Lots();
    private Amount balance = Amount.ZERO;
    private Amount earnedThisYear = Amount.ZERO;
    private Fraction roundingTotal = Fraction.ZERO;
    private Amount countedHours = Amount.ZERO;

    private Derivation(Account account) {
        this.account = account;
    }

    /**
     * Derives the ledger of an account. Deriving to a day gives the same lines as deriving further and cutting there.
     *
     * @param through the last day whose lines are wanted
     */
    public static Ledger derive(Account account, LocalDate through) {
        LocalDate begins = ledgerBegins(account);
        Derivation derivation = new Derivation(account);
        DateSpan.between(begins, through).ifPresent(derivation::run);
        return new Ledger(account, begins, derivation.lines);
    }

    private static LocalDate ledgerBegins(Account account) {
        var openings = account.facts().openings();
        if (!openings.isEmpty()) {
            return openings.get(openings.size() - 1).on();
        }
        LocalDate hired = account.employment().hired();
        return account.facts().adjustments().stream()
                .map(Adjustment::on)
                .findFirst()
                .map(first -> DateSpan.earlier(first, hired))
                .orElse(hired);
    }

    private void run(DateSpan span) {
        TreeMap<LocalDate, Agenda.Day> agenda = Agenda.of(account, span).days();
        while (true) {
            Optional<LocalDate> planned = agenda.isEmpty() ? Optional.empty() : Optional.of(agenda.firstKey());
            Optional<LocalDate> next = Stream.of(planned, lots.nextExpiry())
                    .flatMap(Optional::stream)
                    .min(LocalDate::compareTo)
                    .filter(span::contains);
            if (next.isEmpty()) {
                return;
            }
            Agenda.Day day = agenda.remove(next.get());
            happen(next.get(), day == null ? new Agenda.Day() : day);
        }
    }

    private void happen(LocalDate on, Agenda.Day day) {
        lapseExpired(on);
        if (day.yearBegins) {
            endYear(on);
        }
        if (day.opening != null) {
            open(day.opening);
        }
        day.atStart.forEach(this::post);
        day.adjustments.forEach(this::adjust);
        day.taken.forEach(this::take);
        day.atEnd.forEach(this::post);
        if (day.ending != null) {
            end(on, day.ending);
        }
    }

    private void lapseExpired(LocalDate on) {
        for (Lots.Lot lot : lots.expireBefore(on)) {
            Reason reason =
                    new Reason.NotUsedInTime(lot.credited(), lot.lastUsable().orElseThrow());
            add(on, LineKind.LAPSED, lot.amount().negated(), Amount.ZERO, reason);
        }
    }

    private void endYear(LocalDate on) {
        if (on.isAfter(account.employment().hired())) {
            account.policy().versions().on(on).map(Terms::yearEnd).ifPresent(rule -> carryOver(on, rule));
        }
        earnedThisYear = Amount.ZERO;
        roundingTotal = Fraction.ZERO;
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
        countedHours = opening.hoursTowardNextStep();
        if (opening.balance().isNegative()) {
            lots.take(opening.balance().negated());
        } else if (opening.lots().isEmpty()) {
            lots.credit(opening.on(), opening.balance(), usableUntil(opening.on()));
        } else {
            opening.lots().forEach(lot -> lots.credit(opening.on(), lot.amount(), lot.lastUsable()));
        }
        add(opening.on(), LineKind.OPENING, opening.balance(), Amount.ZERO, new Reason.Opened(opening));
    }

    private void post(Posting posting) {
        Terms terms = account.policy().versions().on(posting.on()).orElseThrow();
        Share share = posting.share(countedHours);
        countedHours = countedHours.plus(posting.hours());
        Rounding rounding = terms.rounding();
        Fraction total = roundingTotal.plus(share.exact());
        Amount offered = rounding.round(total).minus(rounding.round(roundingTotal));
        roundingTotal = total;
        if (offered.isZero()) {
            return;
        }
        Optional<Reason.Room> room = room(terms.limits());
        Amount credited = room.map(Reason.Room::amount).map(offered::min).orElse(offered);
        lots.credit(posting.on(), credited, usableUntil(posting.on()));
        earnedThisYear = earnedThisYear.plus(credited);
        Reason reason = new Reason.Earned(share.basis(), offered, room);
        add(posting.on(), LineKind.EARNED, credited, offered.minus(credited), reason);
    }

    private Optional<Reason.Room> room(Limits limits) {
        Stream<Reason.Room> underBalance = limits.balance().stream()
                .map(limit -> new Reason.Room(limit.minus(balance).floorAtZero(), limit, false));
        Stream<Reason.Room> underYear = limits.earnedPerYear().stream()
                .map(limit -> new Reason.Room(limit.minus(earnedThisYear).floorAtZero(), limit, true));
        return Stream.concat(underBalance, underYear)
                .min((one, other) -> one.amount().compareTo(other.amount()));
    }

    private void adjust(Adjustment adjustment) {
        if (adjustment.amount().isNegative()) {
            lots.take(adjustment.amount().negated());
        } else {
            lots.credit(adjustment.on(), adjustment.amount(), usableUntil(adjustment.on()));
        }
        Reason reason = new Reason.Adjusted(adjustment.reason());
        add(adjustment.on(), LineKind.ADJUSTED, adjustment.amount(), Amount.ZERO, reason);
    }

    private void take(Taken taken) {
        lots.take(taken.amount());
        add(taken.on(), LineKind.TAKEN, taken.amount().negated(), Amount.ZERO, new Reason.LeaveTaken());
    }

    private void end(LocalDate on, Agenda.Ending ending) {
        switch (ending) {
            case LEAVING ->
                clear(
                        on,
                        account.policy().versions().on(on).map(Terms::onLeaving).orElse(Leftover.LAPSE),
                        new Reason.LeftOnLeaving());
            case ENROLMENT_LAPSES -> clear(on, Leftover.LAPSE, new Reason.EnrolmentEnded());
            case ENROLMENT_PAYS_OUT -> clear(on, Leftover.PAY_OUT, new Reason.EnrolmentEnded());
            case ENROLMENT_MOVES -> moveOn(on);
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

    private Optional<LocalDate> usableUntil(LocalDate credited) {
        return account.policy()
                .versions()
                .on(credited)
                .flatMap(Terms::creditsUsable)
                .map((Usability.For usable) -> usable.lastUsable(credited));
    }

    private void add(LocalDate on, LineKind kind, Amount amount, Amount withheld, Reason reason) {
        balance = balance.plus(amount);
        lines.add(new LedgerLine(on, kind, amount, withheld, balance, reason));
    }
}
