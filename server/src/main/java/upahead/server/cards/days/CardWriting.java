package upahead.server.cards.days;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.calendar.DateSpan;
import upahead.core.cards.CardDay;
import upahead.core.cards.TypedDay;
import upahead.core.hours.Work;
import upahead.core.quantity.Amount;
import upahead.server.cards.days.StoredCards.StoredCard;
import upahead.server.facts.hours.RecordedDay;
import upahead.server.facts.hours.RecordedHours;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.audit.Audit;
import upahead.server.platform.audit.Audit.Change;
import upahead.server.platform.audit.Thing;
import upahead.server.platform.clock.MovableClock;

/**
 * Writes days of cards, wherever they come from: stores the times, counts the hours of the weeks concerned again, notes what
 * is late, and writes down what was changed. Who may and what may be is decided by whoever calls.
 */
@Component
public class CardWriting {

    private static final int DAYS_OF_A_WEEK = 7;
    private static final String COUNTED_AGAIN = "counted again";

    private final StoredCards cards;
    private final CardStore store;
    private final CardChangeStore history;
    private final AcceptanceStore acceptances;
    private final ConfirmationStore confirmations;
    private final RecordedHours hours;
    private final LateHours late;
    private final Audit audit;
    private final CurrentUser user;
    private final MovableClock clock;

    CardWriting(
            StoredCards cards,
            CardStore store,
            CardChangeStore history,
            AcceptanceStore acceptances,
            ConfirmationStore confirmations,
            RecordedHours hours,
            LateHours late,
            Audit audit,
            CurrentUser user,
            MovableClock clock) {
        this.cards = cards;
        this.store = store;
        this.history = history;
        this.acceptances = acceptances;
        this.confirmations = confirmations;
        this.hours = hours;
        this.late = late;
        this.audit = audit;
        this.user = user;
        this.clock = clock;
    }

    /**
     * Writes some days in place of what stood on them. A day that would be as it was is left alone.
     *
     * @param days at most one for each person and date
     * @return how many days were changed
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public int write(Collection<NewDay> days, Origin origin) {
        if (days.isEmpty()) {
            return 0;
        }
        Map<Long, List<NewDay>> byPerson = days.stream().collect(Collectors.groupingBy(NewDay::personId));
        Map<Long, StoredCard> before = cards.of(byPerson.keySet(), around(days));
        Written written = new Written(late.because(origin.reason()));
        byPerson.forEach((person, own) -> write(before.get(person), own, origin, written));
        store.put(written.timed);
        hours.set(written.hours, origin.source());
        history.add(written.changes);
        acceptances.removeOf(written.timed);
        confirmations.removeOf(written.timed);
        audit.recordAll(Thing.PERSON, "changed the time card", written.trail());
        return written.timed.size();
    }

    /** Counts the hours of some people's weeks again from a day on, after the rules have changed. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void countAgain(Collection<Long> people, LocalDate from, String why) {
        DateSpan span = new DateSpan(
                WeekCounting.monday(from).minusDays(1), clock.today().plusDays(DAYS_OF_A_WEEK));
        Written written = new Written(late.because(why));
        cards.of(people, span).values().forEach(card -> {
            Map<LocalDate, List<Work>> counted = new HashMap<>();
            WeekCounting counting = new WeekCounting(card.life(), card.timed(), card.recorded());
            for (LocalDate day = from;
                    !day.isAfter(span.last());
                    day = WeekCounting.monday(day).plusWeeks(1)) {
                counted.putAll(counting.from(day));
            }
            written.hours(card, counted);
        });
        hours.set(written.hours, COUNTED_AGAIN);
    }

    private static DateSpan around(Collection<NewDay> days) {
        TreeSet<LocalDate> dates = days.stream().map(NewDay::on).collect(Collectors.toCollection(TreeSet::new));
        return new DateSpan(
                WeekCounting.monday(dates.first()).minusDays(1),
                WeekCounting.monday(dates.last().plusDays(1)).plusDays(DAYS_OF_A_WEEK));
    }

    private void write(StoredCard card, List<NewDay> days, Origin origin, Written written) {
        Map<LocalDate, TimedDay> timed = new TreeMap<>(card.timed());
        Map<LocalDate, List<RecordedDay>> recorded = new TreeMap<>(card.recorded());
        Map<LocalDate, List<Work>> counted = new HashMap<>();
        TreeSet<LocalDate> countedFrom = new TreeSet<>();
        for (NewDay day : days) {
            String before = card.line(day.on());
            String after = day.times().stretches().isEmpty()
                    ? TypedDay.line(day.hours())
                    : TypedDay.line(day.times(), card.life().zone(day.on()));
            if (before.equals(after) && card.times(day.on()).equals(day.times())) {
                continue;
            }
            TimedDay changed = new TimedDay(
                    day.personId(),
                    day.on(),
                    day.times(),
                    origin.source(),
                    origin.byHand(),
                    user.get().name(),
                    clock.now());
            timed.put(day.on(), changed);
            written.timed.add(changed);
            written.change(
                    day.personId(),
                    new CardChange(
                            day.on(), clock.now(), user.get().name(), origin.source(), before, after, origin.reason()));
            List<Work> given = day.times().equals(CardDay.EMPTY) ? works(day) : List.of();
            counted.put(day.on(), given);
            recorded.put(
                    day.on(),
                    given.stream()
                            .map(work -> new RecordedDay(work.on(), work.kind(), work.hours(), origin.source()))
                            .toList());
            countedFrom.add(day.on());
            countedFrom.add(day.on().plusDays(1));
        }
        WeekCounting counting = new WeekCounting(card.life(), timed, recorded);
        LocalDate monday = null;
        for (LocalDate from : countedFrom) {
            if (!WeekCounting.monday(from).equals(monday)) {
                monday = WeekCounting.monday(from);
                counted.putAll(counting.from(from));
            }
        }
        written.hours(card, counted);
    }

    private static List<Work> works(NewDay day) {
        return day.hours().entrySet().stream()
                .map(each -> new Work(day.on(), each.getKey(), each.getValue()))
                .toList();
    }

    /** What is written, gathered over all people. */
    private static final class Written {

        private final List<TimedDay> timed = new ArrayList<>();
        private final Map<Long, Map<LocalDate, List<Work>>> hours = new HashMap<>();
        private final Map<Long, List<CardChange>> changes = new LinkedHashMap<>();
        private final LateHours.Note late;

        Written(LateHours.Note late) {
            this.late = late;
        }

        void change(long personId, CardChange change) {
            changes.computeIfAbsent(personId, person -> new ArrayList<>()).add(change);
        }

        /** Takes those of some days' hours that are not what they were. */
        void hours(StoredCard card, Map<LocalDate, List<Work>> counted) {
            new TreeMap<>(counted).forEach((on, works) -> {
                Map<String, Amount> before = card.hours(on);
                Map<String, Amount> after = works.stream().collect(Collectors.toMap(Work::kind, Work::hours));
                if (!before.equals(after)) {
                    hours.computeIfAbsent(card.personId(), person -> new TreeMap<>())
                            .put(on, works);
                    late.changed(card.personId(), on, before, after);
                }
            });
        }

        Map<Long, Change> trail() {
            Map<Long, Change> trail = new LinkedHashMap<>();
            changes.forEach((person, days) -> trail.put(
                    person,
                    new Change(lines(days, CardChange::before), lines(days, CardChange::after) + reason(days.get(0)))));
            return trail;
        }

        private static String reason(CardChange change) {
            return change.reason().isEmpty() ? "" : " (" + change.reason() + ")";
        }

        private static String lines(List<CardChange> days, Function<CardChange, String> line) {
            return days.stream()
                    .map(day -> day.on() + ": " + (line.apply(day).isEmpty() ? "nothing" : line.apply(day)))
                    .collect(Collectors.joining("; "));
        }
    }
}
