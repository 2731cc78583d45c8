package upahead.core.ledger;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import upahead.core.calendar.DateSpan;
import upahead.core.earning.Posting;
import upahead.core.facts.Adjustment;
import upahead.core.facts.OpeningBalance;
import upahead.core.leave.Taken;
import upahead.core.policy.Enrolment;

/** What is to happen on which day, known before anything is computed; only the expiry of lots comes in later. */
final class Agenda {

    /** One thing that happens on a day. */
    sealed interface Event {

        LocalDate on();

        /** Its place among the events of one day (calculation contract, "Order within one day"). */
        int order();
    }

    record YearBegins(LocalDate on) implements Event {
        @Override
        public int order() {
            return 2;
        }
    }

    record Opens(OpeningBalance opening) implements Event {
        @Override
        public LocalDate on() {
            return opening.on();
        }

        @Override
        public int order() {
            return 3;
        }
    }

    record Posts(Posting posting) implements Event {
        @Override
        public LocalDate on() {
            return posting.on();
        }

        @Override
        public int order() {
            return posting.atStartOfDay() ? 4 : 7;
        }
    }

    record Adjusts(Adjustment adjustment) implements Event {
        @Override
        public LocalDate on() {
            return adjustment.on();
        }

        @Override
        public int order() {
            return 5;
        }
    }

    record Takes(Taken taken) implements Event {
        @Override
        public LocalDate on() {
            return taken.on();
        }

        @Override
        public int order() {
            return 6;
        }
    }

    record Leaves(LocalDate on) implements Event {
        @Override
        public int order() {
            return 8;
        }
    }

    record EnrolmentEnds(Enrolment.End end) implements Event {
        @Override
        public LocalDate on() {
            return end.on();
        }

        @Override
        public int order() {
            return 8;
        }
    }

    private final List<Event> events = new ArrayList<>();
    private final Account account;
    private final DateSpan span;
    private final List<Event> earlier;

    private Agenda(Account account, DateSpan span, List<Event> earlier) {
        this.account = account;
        this.span = span;
        this.earlier = earlier;
    }

    /**
     * The events of an account in order.
     *
     * @param span from the day on which its ledger begins
     */
    static List<Event> of(Account account, DateSpan span) {
        return from(span.first(), List.of(), account, span);
    }

    /**
     * The events of an account in order, from a day on.
     *
     * @param day within the span or after it
     * @param earlier the events before that day
     * @param span from the day on which its ledger begins
     */
    static List<Event> from(LocalDate day, List<Event> earlier, Account account, DateSpan span) {
        Agenda agenda = new Agenda(account, span, earlier);
        agenda.addOpening();
        agenda.addYears();
        agenda.addPostings(day);
        agenda.addAdjustments();
        agenda.addTaken();
        agenda.addEndings();
        agenda.events.removeIf(event -> event.on().isBefore(day));
        agenda.events.sort(Agenda::byDayAndOrder);
        return agenda.events;
    }

    private static int byDayAndOrder(Event one, Event other) {
        int days = one.on().compareTo(other.on());
        return days == 0 ? Integer.compare(one.order(), other.order()) : days;
    }

    private void addOpening() {
        account.facts().openings().stream()
                .filter(opening -> opening.on().equals(span.first()))
                .forEach(opening -> events.add(new Opens(opening)));
    }

    private void addYears() {
        LocalDate hired = account.employment().hired();
        DateSpan year = account.policy().benefitYear().containing(span.first(), hired);
        while (!year.last().isAfter(span.last())) {
            year = account.policy().benefitYear().containing(year.last().plusDays(1), hired);
            if (span.contains(year.first())) {
                events.add(new YearBegins(year.first()));
            }
        }
    }

    /** A longer wait in a later version can move the day on which earning begins; a year is granted once all the same. */
    private void addPostings(LocalDate day) {
        Set<DateSpan> granted = new HashSet<>();
        LocalDate paidThrough = LocalDate.MIN;
        for (var version : account.policy().versions().within(span)) {
            List<Posting> postings;
            if (version.days().last().isBefore(day)) {
                postings = earlierPostings(version.days());
            } else {
                AccountEarning context =
                        new AccountEarning(account, version.value(), version.days(), span.first(), paidThrough);
                postings = version.value().earning().postings(context);
            }
            for (Posting posting : postings) {
                if (posting.grants().map(granted::add).orElse(true)) {
                    events.add(new Posts(posting));
                    paidThrough = DateSpan.later(paidThrough, posting.paysThrough());
                }
            }
        }
    }

    private List<Posting> earlierPostings(DateSpan days) {
        return earlier.stream()
                .filter(event -> event instanceof Posts && days.contains(event.on()))
                .map(event -> ((Posts) event).posting())
                .toList();
    }

    private void addAdjustments() {
        for (Adjustment adjustment : account.facts().adjustments()) {
            if (span.contains(adjustment.on())) {
                events.add(new Adjusts(adjustment));
            }
        }
    }

    private void addTaken() {
        for (Taken taken : account.facts().taken()) {
            if (span.contains(taken.on()) && countsOn(taken.on())) {
                events.add(new Takes(taken));
            }
        }
    }

    private boolean countsOn(LocalDate day) {
        return account.employment().isEmployedOn(day)
                && account.enrolment().ends().map(end -> !day.isAfter(end.on())).orElse(true)
                && account.policy().versions().on(day).isPresent();
    }

    private void addEndings() {
        account.enrolment()
                .ends()
                .filter(end -> span.contains(end.on()) && account.employment().isEmployedOn(end.on()))
                .ifPresent(end -> events.add(new EnrolmentEnds(end)));
        account.employment().leaves().filter(span::contains).ifPresent(leaves -> events.add(new Leaves(leaves)));
    }
}
