package upahead.server.lookout;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Component;
import upahead.core.calendar.DateSpan;
import upahead.server.employment.People;
import upahead.server.employment.PeopleQuery;
import upahead.server.employment.Person;
import upahead.server.lookout.LookoutItem.Kind;
import upahead.server.lookout.LookoutItem.Urgency;
import upahead.server.platform.serving.AsBefore;
import upahead.server.platform.serving.AsBefore.Shown;
import upahead.server.platform.serving.BehindTheScenes;
import upahead.server.platform.sql.TurnStore;
import upahead.server.platform.sql.WhileUnchanged;
import upahead.server.platform.words.Words;
import upahead.server.policies.Policies;
import upahead.server.policies.VersionState;

/**
 * What is further ahead than the open runs, and nobody's request: what happens to balances, who leaves, what nobody
 * decides. Worked out for everybody at once and known until something is changed anywhere; in a large company shown as it
 * was until it is worked out anew.
 */
@Component
class FurtherAhead {

    private static final int WEEKS_AHEAD = 6;
    private static final int MOST_KEPT = 100_000;

    private final AheadFinder ahead;
    private final People people;
    private final Policies policies;
    private final AsBefore<LocalDate, LocalDate, LookoutItem> lately;

    FurtherAhead(AheadFinder ahead, People people, Policies policies, BehindTheScenes behind, TurnStore turns) {
        this.ahead = ahead;
        this.people = people;
        this.policies = policies;
        this.lately = new AsBefore<>(WhileUnchanged.byTheDay(turns, MOST_KEPT), behind, AsBefore.QUICK);
    }

    Shown<LookoutItem> find(LocalDate today) {
        return lately.of(today, today, () -> workedOut(today));
    }

    private List<LookoutItem> workedOut(LocalDate today) {
        DateSpan span = new DateSpan(today, today.plusWeeks(WEEKS_AHEAD));
        List<Person> everybody = people.search(PeopleQuery.everybody());
        List<LookoutItem> items = new ArrayList<>(ahead.find(everybody, span));
        everybody.stream()
                .filter(person -> person.lastDay() != null && span.contains(person.lastDay()))
                .map(person -> new LookoutItem(
                        Urgency.FURTHER_AHEAD,
                        Kind.LEAVER,
                        person.lastDay(),
                        person.name() + " leaves",
                        "The last day is " + Words.day(person.lastDay()) + "; what is left is settled in that run.",
                        person.id(),
                        person.name(),
                        null,
                        null,
                        null))
                .forEach(items::add);
        List<Person> undecided = everybody.stream()
                .filter(person -> person.approverId() == null && person.isEmployedWithin(today, today))
                .toList();
        if (!undecided.isEmpty()) {
            items.add(new LookoutItem(
                    Urgency.FURTHER_AHEAD,
                    Kind.NO_APPROVER,
                    today,
                    undecided.size() == 1
                            ? "Nobody decides for " + undecided.get(0).name()
                            : "Nobody decides for " + undecided.size() + " people",
                    "Their requests go to the administrators.",
                    null,
                    null,
                    null,
                    null,
                    null));
        }
        policies.all().stream()
                .filter(policy -> policy.versions().stream().anyMatch(each -> each.state() == VersionState.DRAFT))
                .map(policy -> new LookoutItem(
                        Urgency.FURTHER_AHEAD,
                        Kind.DRAFT,
                        span.last(),
                        "A draft of " + policy.name() + " waits",
                        "It takes effect when it is put in force.",
                        null,
                        null,
                        null,
                        null,
                        policy.id()))
                .forEach(items::add);
        return items;
    }
}
