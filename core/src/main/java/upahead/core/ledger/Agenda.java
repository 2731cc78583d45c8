package upahead.core.ledger;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeMap;
import upahead.core.calendar.DateSpan;
import upahead.core.earning.Basis;
import upahead.core.earning.Posting;
import upahead.core.facts.Adjustment;
import upahead.core.facts.OpeningBalance;
import upahead.core.leave.Taken;
import upahead.core.policy.EndBalance;

/** What is to happen on which day, known before anything is computed; only the expiry of lots comes in later. */
final class Agenda {

    /** Everything of one day. */
    static final class Day {
        OpeningBalance opening;
        boolean yearBegins;
        final List<Posting> atStart = new ArrayList<>(1);
        final List<Adjustment> adjustments = new ArrayList<>(0);
        final List<Taken> taken = new ArrayList<>(1);
        final List<Posting> atEnd = new ArrayList<>(1);
        Ending ending;
    }

    /** What ends on a day, and what becomes of the balance. */
    enum Ending {
        LEAVING,
        ENROLMENT_LAPSES,
        ENROLMENT_PAYS_OUT,
        ENROLMENT_MOVES
    }

    private final TreeMap<LocalDate, Day> days = new TreeMap<>();
    private final Account account;
    private final DateSpan span;

    private Agenda(Account account, DateSpan span) {
        this.account = account;
        this.span = span;
    }

    /** The agenda of an account from the day its ledger begins. */
    static Agenda of(Account account, DateSpan span) {
        Agenda agenda = new Agenda(account, span);
        agenda.addOpening();
        agenda.addYears();
        agenda.addPostings();
        agenda.addAdjustments();
        agenda.addTaken();
        agenda.addEndings();
        return agenda;
    }

    TreeMap<LocalDate, Day> days() {
        return days;
    }

    private Day day(LocalDate on) {
        return days.computeIfAbsent(on, unused -> new Day());
    }

    private void addOpening() {
        account.facts().openings().stream()
                .filter(opening -> opening.on().equals(span.first()))
                .forEach(opening -> day(opening.on()).opening = opening);
    }

    private void addYears() {
        LocalDate hired = account.employment().hired();
        DateSpan year = account.policy().benefitYear().containing(span.first(), hired);
        while (!year.last().isAfter(span.last())) {
            year = account.policy().benefitYear().containing(year.last().plusDays(1), hired);
            if (span.contains(year.first())) {
                day(year.first()).yearBegins = true;
            }
        }
    }

    private void addPostings() {
        Set<DateSpan> granted = new HashSet<>();
        for (var version : account.policy().versions().within(span)) {
            AccountEarning context = new AccountEarning(account, version.value(), version.days(), span.first());
            version.value().earning().postings(context).forEach(posting -> {
                if (!isSecondGrant(posting, granted)) {
                    Day day = day(posting.on());
                    (posting.atStartOfDay() ? day.atStart : day.atEnd).add(posting);
                }
            });
        }
    }

    /** A longer wait in a later version can move the day on which earning begins; a year is granted once all the same. */
    private static boolean isSecondGrant(Posting posting, Set<DateSpan> granted) {
        return posting instanceof Posting.Settled settled
                && settled.share().basis() instanceof Basis.Grant grant
                && !granted.add(grant.year());
    }

    private void addAdjustments() {
        for (Adjustment adjustment : account.facts().adjustments()) {
            if (span.contains(adjustment.on())) {
                day(adjustment.on()).adjustments.add(adjustment);
            }
        }
    }

    private void addTaken() {
        for (Taken taken : account.facts().taken()) {
            if (span.contains(taken.on()) && countsOn(taken.on())) {
                day(taken.on()).taken.add(taken);
            }
        }
    }

    private boolean countsOn(LocalDate day) {
        return account.employment().isEmployedOn(day)
                && account.enrolment().ends().map(end -> !day.isAfter(end.on())).orElse(true)
                && account.policy().versions().on(day).isPresent();
    }

    private void addEndings() {
        account.employment().leaves().filter(span::contains).ifPresent(leaves -> day(leaves).ending = Ending.LEAVING);
        account.enrolment()
                .ends()
                .filter(end -> span.contains(end.on()) && account.employment().isEmployedOn(end.on()))
                .ifPresent(end -> day(end.on()).ending = ending(end.balance()));
    }

    private static Ending ending(EndBalance balance) {
        return switch (balance) {
            case LAPSE -> Ending.ENROLMENT_LAPSES;
            case PAY_OUT -> Ending.ENROLMENT_PAYS_OUT;
            case MOVE -> Ending.ENROLMENT_MOVES;
        };
    }
}
