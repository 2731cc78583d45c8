package upahead.server.cards.punches;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.calendar.DateSpan;
import upahead.core.cards.CardDay;
import upahead.core.cards.Punch;
import upahead.core.cards.PunchedDays;
import upahead.server.cards.days.CardWriting;
import upahead.server.cards.days.NewDay;
import upahead.server.cards.days.Origin;
import upahead.server.cards.days.StoredCards;
import upahead.server.cards.days.StoredCards.StoredCard;
import upahead.server.cards.days.TimedDay;
import upahead.server.cards.punches.StoredPunch.State;
import upahead.server.periods.LateChanges;
import upahead.server.periods.Lateness;
import upahead.server.platform.words.Words;

/**
 * Makes times of punches. The days of a card that nobody has changed by hand follow from the punches alone, whenever these
 * arrive; on other days a punch only closes what is open or begins what can begin, and else is set aside.
 */
@Component
public class PunchTaking {

    /** How long before and after a punch others can have to do with it. */
    private static final Duration AROUND = Duration.ofDays(2);

    private final PunchStore store;
    private final StoredCards cards;
    private final CardWriting writing;
    private final LateChanges changes;

    PunchTaking(PunchStore store, StoredCards cards, CardWriting writing, LateChanges changes) {
        this.store = store;
        this.cards = cards;
        this.writing = writing;
        this.changes = changes;
    }

    /**
     * Takes punches of people who are known, and keeps them.
     *
     * @return the same with what became of each, in their order
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public List<StoredPunch> take(List<StoredPunch> punches, String source) {
        Map<StoredPunch, StoredPunch> taken = new HashMap<>();
        List<NewDay> days = new ArrayList<>();
        Map<Long, List<StoredPunch>> byPerson = punches.stream().collect(Collectors.groupingBy(StoredPunch::personId));
        Instant from = punches.stream()
                .map(StoredPunch::at)
                .min(Comparator.naturalOrder())
                .orElse(Instant.EPOCH);
        Instant to = punches.stream()
                .map(StoredPunch::at)
                .max(Comparator.naturalOrder())
                .orElse(Instant.EPOCH);
        Map<Long, List<StoredPunch>> before = store.of(byPerson.keySet(), from.minus(AROUND), to.plus(AROUND));
        Map<Long, StoredCard> stored = cards.of(byPerson.keySet(), around(from, to));
        Lateness late = changes.lateness();
        byPerson.forEach((person, own) ->
                new OfPerson(stored.get(person), before.getOrDefault(person, List.of()), late).take(own, taken, days));
        List<StoredPunch> results = punches.stream().map(taken::get).toList();
        store.add(results.stream().filter(punch -> punch.id() == 0).toList());
        results.stream().filter(punch -> punch.id() != 0).forEach(store::change);
        days.stream()
                .collect(Collectors.groupingBy(day -> stored.get(day.personId())
                                .timed()
                                .containsKey(day.on())
                        && stored.get(day.personId()).timed().get(day.on()).byHand()))
                .forEach((byHand, some) -> writing.write(some, new Origin(source, byHand, "")));
        return results;
    }

    private static DateSpan around(Instant from, Instant to) {
        return new DateSpan(
                from.minus(AROUND).atZone(ZoneOffset.UTC).toLocalDate().minusDays(1),
                to.plus(AROUND).atZone(ZoneOffset.UTC).toLocalDate().plusDays(1));
    }

    private final class OfPerson {

        private final StoredCard card;
        private final Lateness late;
        private final Set<Punch> counting = new HashSet<>();
        private final Map<LocalDate, CardDay> changedByHand = new HashMap<>();

        OfPerson(StoredCard card, List<StoredPunch> before, Lateness late) {
            this.card = card;
            this.late = late;
            before.stream()
                    .filter(punch -> punch.state() == State.TAKEN)
                    .map(StoredPunch::punch)
                    .forEach(counting::add);
        }

        void take(List<StoredPunch> punches, Map<StoredPunch, StoredPunch> taken, List<NewDay> days) {
            TreeSet<LocalDate> touched = new TreeSet<>();
            List<StoredPunch> inOrder = new ArrayList<>(punches);
            inOrder.sort(Comparator.comparing(StoredPunch::at));
            for (StoredPunch punch : inOrder) {
                taken.put(punch, taken(punch, touched));
            }
            changedByHand.forEach((on, day) -> days.add(NewDay.of(card.personId(), on, day)));
            if (!touched.isEmpty()) {
                days.addAll(derived(touched));
            }
        }

        private StoredPunch taken(StoredPunch punch, Set<LocalDate> touched) {
            LocalDate on = day(punch.at());
            if (late.isLate(card.personId(), on)) {
                return aside(punch, Words.day(on) + " is in a closed period.");
            }
            if (hasOnlyHours(on)) {
                return aside(punch, "Hours without times stand on " + Words.day(on) + ".");
            }
            if (punch.kind() != Punch.Kind.IN && isByHand(on.minusDays(1)) && onto(on.minusDays(1), punch)) {
                return punch.of(card.personId(), State.ADDED, punch.note());
            }
            if (isByHand(on)) {
                return onto(on, punch)
                        ? punch.of(card.personId(), State.ADDED, punch.note())
                        : aside(punch, Words.day(on) + " was changed by hand.");
            }
            counting.add(punch.punch());
            touched.add(on);
            return punch.of(card.personId(), State.TAKEN, punch.note());
        }

        private StoredPunch aside(StoredPunch punch, String why) {
            return punch.of(card.personId(), State.SET_ASIDE, why);
        }

        private boolean onto(LocalDate on, StoredPunch punch) {
            Optional<CardDay> changed = PunchedDays.onto(changedByHand.getOrDefault(on, card.times(on)), punch.punch());
            changed.ifPresent(day -> changedByHand.put(on, day));
            return changed.isPresent();
        }

        /** What follows from all punches for the days that new ones touch and those beside them. */
        private List<NewDay> derived(TreeSet<LocalDate> touched) {
            Map<LocalDate, CardDay> derived =
                    PunchedDays.of(counting, card.life().zone(touched.first()));
            Set<LocalDate> concerned = new HashSet<>();
            touched.forEach(on -> concerned.addAll(List.of(on.minusDays(1), on, on.plusDays(1))));
            return concerned.stream()
                    .filter(on -> !isByHand(on)
                            && (derived.containsKey(on) || card.timed().containsKey(on)))
                    .filter(on -> !late.isLate(card.personId(), on))
                    .map(on -> NewDay.of(card.personId(), on, derived.getOrDefault(on, CardDay.EMPTY)))
                    .filter(day -> !day.times().equals(card.times(day.on())))
                    .toList();
        }

        private boolean isByHand(LocalDate on) {
            TimedDay timed = card.timed().get(on);
            return (timed != null && timed.byHand()) || hasOnlyHours(on);
        }

        private boolean hasOnlyHours(LocalDate on) {
            return card.times(on).stretches().isEmpty() && !card.hours(on).isEmpty();
        }

        private LocalDate day(Instant at) {
            ZoneId zone = card.life().zone(at.atZone(ZoneOffset.UTC).toLocalDate());
            return at.atZone(zone).toLocalDate();
        }
    }
}
