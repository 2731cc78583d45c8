package upahead.server.payruns;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import upahead.core.quantity.Amount;
import upahead.server.accounts.PeopleInParts;
import upahead.server.cards.UnfinishedDay;
import upahead.server.cards.UnfinishedDays;
import upahead.server.cards.days.ConfirmationStore.Part;
import upahead.server.employment.Person;
import upahead.server.facts.hours.RecordedHours;
import upahead.server.facts.lieu.LieuCredits;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.serving.AsBefore;
import upahead.server.platform.serving.AsBefore.Shown;
import upahead.server.platform.serving.BehindTheScenes;
import upahead.server.platform.sql.TurnStore;
import upahead.server.platform.sql.WhileUnchanged;
import upahead.server.platform.words.Words;
import upahead.server.requests.Requests;
import upahead.server.requests.leave.RequestSummary;

/** Finds what stops the close of a run. */
@Component
class Blockers {

    private static final int DAYS_NAMED = 4;

    private static final int MOST_KEPT = 50_000;

    private final PayRunStore store;
    private final Requests requests;
    private final RecordedHours hours;
    private final PeopleOfRun people;
    private final UnfinishedDays cards;
    private final LieuCredits lieu;
    private final MovableClock clock;
    private final PeopleInParts parts;
    private final WhileUnchanged<Question, Blocker> known;
    private final AsBefore<Long, Question, Blocker> lately;

    /** Of which run, as of when: within a period what is not finished depends on the time of day. */
    private record Question(long runId, LocalDateTime asOf) {}

    Blockers(
            PayRunStore store,
            Requests requests,
            RecordedHours hours,
            PeopleOfRun people,
            UnfinishedDays cards,
            LieuCredits lieu,
            MovableClock clock,
            PeopleInParts parts,
            BehindTheScenes behind,
            TurnStore turns) {
        this.store = store;
        this.requests = requests;
        this.hours = hours;
        this.people = people;
        this.cards = cards;
        this.lieu = lieu;
        this.clock = clock;
        this.parts = parts;
        this.known = WhileUnchanged.byTheDay(turns, MOST_KEPT);
        this.lately = new AsBefore<>(known, behind, AsBefore.QUICK);
    }

    List<Blocker> of(PayRun run) {
        return run.isClosed()
                ? List.of()
                : Stream.concat(atOnce(run).stream(), known.of(question(run), () -> ofCards(run)).stream())
                        .toList();
    }

    /** What stopped it a moment ago, as far as it takes long to find; for whoever only has to know of it. */
    Shown<Blocker> lately(PayRun run) {
        if (run.isClosed()) {
            return new Shown<>(List.of(), false);
        }
        Shown<Blocker> cards = lately.of(run.id(), question(run), () -> ofCards(run));
        return new Shown<>(
                Stream.concat(atOnce(run).stream(), cards.rows().stream()).toList(), cards.beingRenewed());
    }

    private List<Blocker> atOnce(PayRun run) {
        List<Blocker> blockers = new ArrayList<>();
        if (!run.isOffCycle() && !clock.today().isAfter(run.lastDay())) {
            blockers.add(new Blocker(
                    Blocker.Kind.PERIOD_NOT_OVER,
                    "The period runs until " + Words.day(run.lastDay()) + "; it can be closed the day after.",
                    null,
                    null,
                    null,
                    run.lastDay()));
        }
        store.ofGroup(run.payGroupId()).stream()
                .filter(other -> !other.isClosed() && other.lastDay().isBefore(run.firstDay()))
                .forEach(other -> blockers.add(new Blocker(
                        Blocker.Kind.EARLIER_RUN_OPEN,
                        "The run before, " + Words.span(other.period()) + ", is not closed.",
                        null,
                        null,
                        null,
                        other.lastDay())));
        requests.waitingWithin(run.payGroupId(), run.firstDay(), run.lastDay()).stream()
                .filter(request -> !run.isOffCycle() || run.offCycleOf() == request.personId())
                .forEach(request -> blockers.add(waiting(request)));
        return blockers;
    }

    private Question question(PayRun run) {
        LocalDateTime now = clock.now();
        boolean over = now.toLocalDate().isAfter(run.lastDay());
        return new Question(run.id(), now.truncatedTo(over ? ChronoUnit.DAYS : ChronoUnit.MINUTES));
    }

    private static Blocker waiting(RequestSummary request) {
        return new Blocker(
                Blocker.Kind.WAITING_REQUEST,
                request.person() + " waits for a decision on " + request.policy() + ".",
                request.personId(),
                request.person(),
                request.id(),
                request.first());
    }

    /** Days of time cards that are not finished, of everybody paid in the group on the last day. */
    private List<Blocker> ofCards(PayRun run) {
        List<Person> group = people.of(run).stream()
                .filter(person -> person.isEmployedWithin(run.firstDay(), run.lastDay()))
                .toList();
        Map<Long, List<UnfinishedDay>> unfinished = new HashMap<>();
        Map<Long, Set<Part>> unconfirmed = new HashMap<>();
        Set<Long> withHours = new HashSet<>();
        List<Blocker> inLieu = new ArrayList<>();
        parts.each(
                group,
                some -> {
                    List<Long> ids = some.stream().map(Person::id).toList();
                    return new OfPart(
                            cards.of(ids, run.period()),
                            hours.days(ids, run.period()).keySet(),
                            tooMuchInLieu(some, run));
                },
                part -> {
                    unfinished.putAll(part.cards().unfinished());
                    unconfirmed.putAll(part.cards().unconfirmed());
                    withHours.addAll(part.withHours());
                    inLieu.addAll(part.tooMuchInLieu());
                });
        Stream<Blocker> notFinished = group.stream()
                .flatMap(person -> unfinished.containsKey(person.id())
                        ? Stream.of(unfinished(person, unfinished.get(person.id()), withHours.contains(person.id())))
                        : unconfirmed.getOrDefault(person.id(), Set.of()).stream()
                                .map(part -> unconfirmed(person, part, run)));
        return Stream.concat(notFinished, inLieu.stream()).toList();
    }

    /** What is in the way of some people. */
    private record OfPart(UnfinishedDays.InTheWay cards, Set<Long> withHours, List<Blocker> tooMuchInLieu) {}

    private List<Blocker> tooMuchInLieu(List<Person> some, PayRun run) {
        List<Long> ids = some.stream().map(Person::id).toList();
        Map<Long, Map<String, Amount>> taken = lieu.hours(ids, run.period());
        Map<Long, Map<String, Amount>> recorded = new HashMap<>();
        hours.totals(taken.keySet(), run.period())
                .forEach(total -> recorded.computeIfAbsent(total.personId(), unused -> new HashMap<>())
                        .put(total.kind(), total.hours()));
        List<Blocker> blockers = new ArrayList<>();
        some.forEach(person -> taken.getOrDefault(person.id(), Map.of()).forEach((kind, hours) -> {
            Amount there = recorded.getOrDefault(person.id(), Map.of()).getOrDefault(kind, Amount.ZERO);
            if (hours.isMoreThan(there)) {
                blockers.add(new Blocker(
                        Blocker.Kind.TOO_MUCH_IN_LIEU,
                        person.name() + ": " + hours + " " + kind + " hours became time in lieu, but only " + there
                                + " are recorded.",
                        person.id(),
                        person.name(),
                        null,
                        run.lastDay()));
            }
        }));
        return blockers;
    }

    private static Blocker unconfirmed(Person person, Part part, PayRun run) {
        String who = part == Part.PERSON ? person.name() + " has" : "The approver of " + person.name() + " has";
        return new Blocker(
                Blocker.Kind.UNCONFIRMED_CARD,
                who + " not confirmed the time card.",
                person.id(),
                person.name(),
                null,
                run.firstDay());
    }

    private static Blocker unfinished(Person person, List<UnfinishedDay> days, boolean hasHours) {
        boolean everything = !hasHours && days.stream().allMatch(UnfinishedDay::isEmpty);
        return new Blocker(
                everything ? Blocker.Kind.MISSING_HOURS : Blocker.Kind.UNFINISHED_DAYS,
                person.name() + (everything ? " is scheduled in this period but has no hours." : words(days)),
                person.id(),
                person.name(),
                null,
                days.get(0).on());
    }

    private static String words(List<UnfinishedDay> days) {
        List<LocalDate> empty = days.stream()
                .filter(UnfinishedDay::isEmpty)
                .map(UnfinishedDay::on)
                .toList();
        String told = days.stream()
                .filter(day -> !day.isEmpty())
                .limit(DAYS_NAMED)
                .map(day -> Words.day(day.on()) + ": "
                        + day.remarks().get(0).message().replaceAll("\\.$", ""))
                .collect(Collectors.joining("; "));
        long more = days.size() - empty.size() - DAYS_NAMED;
        return (empty.isEmpty() ? "" : " has neither hours nor leave on " + listed(empty) + ".")
                + (told.isEmpty()
                        ? ""
                        : (empty.isEmpty() ? ", " : " And ") + told + (more > 0 ? "; and more" : "") + ".");
    }

    private static String listed(List<LocalDate> days) {
        String first = days.stream().limit(DAYS_NAMED).map(Words::day).collect(Collectors.joining(", "));
        return days.size() <= DAYS_NAMED ? first : first + " and " + (days.size() - DAYS_NAMED) + " more days";
    }
}
