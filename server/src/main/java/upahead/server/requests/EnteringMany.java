package upahead.server.requests;

import jakarta.annotation.Nullable;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;
import upahead.server.employment.People;
import upahead.server.employment.Person;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.requests.leave.RequestDraft;

/** Entering the same leave for many people: what it costs each is told beforehand, and it is entered for all or for none. */
@Service
public class EnteringMany {

    private final EnteredLeave entered;
    private final People people;

    EnteringMany(EnteredLeave entered, People people) {
        this.entered = entered;
        this.people = people;
    }

    /**
     * What leave comes to for one of many.
     *
     * @param total what it costs; null where it cannot be entered
     * @param hindered why it cannot be entered, null where it can
     * @param cautions what speaks against it and can be passed with a reason
     */
    public record EntryOfOne(
            long personId,
            String person,
            @Nullable Amount total,
            @Nullable Unit unit,
            @Nullable String hindered,
            List<String> cautions) {}

    /** What the same leave would come to for each of some people, by name; each is looked at by itself. */
    @May(Permission.ENTER_LEAVE)
    public List<EntryOfOne> preview(List<Long> persons, RequestDraft leave) {
        return people.get(persons).stream().map(person -> entry(person, leave)).toList();
    }

    /**
     * Enters the same leave for some people, for all of them or for none.
     *
     * @throws Refusal if it cannot be entered for one of them, who is named, or a rule speaks against it and no reason is
     *     given
     */
    @Transactional
    @May(Permission.ENTER_LEAVE)
    public List<EntryOfOne> enter(List<Long> persons, RequestDraft leave, String reason) {
        List<EntryOfOne> all = new ArrayList<>();
        for (Person person : people.get(persons)) {
            EntryOfOne entry = entry(person, leave);
            if (entry.hindered() != null) {
                throw Refusal.of("people", person.name() + ": " + entry.hindered() + " Nothing was entered.");
            }
            entered.enter(of(person, leave), reason);
            all.add(entry);
        }
        return all;
    }

    private EntryOfOne entry(Person person, RequestDraft leave) {
        try {
            RequestReview review = entered.preview(of(person, leave));
            String hindered = review.problems().stream()
                    .filter(problem -> !problem.passable())
                    .map(RequestReview.Problem::message)
                    .findFirst()
                    .orElse(null);
            List<String> cautions = review.problems().stream()
                    .filter(RequestReview.Problem::passable)
                    .map(RequestReview.Problem::message)
                    .toList();
            return new EntryOfOne(person.id(), person.name(), review.total(), review.unit(), hindered, cautions);
        } catch (Refusal refused) {
            return new EntryOfOne(person.id(), person.name(), null, null, refused.getMessage(), List.of());
        }
    }

    private static RequestDraft of(Person person, RequestDraft leave) {
        return new RequestDraft(person.id(), leave.policyId(), leave.days(), leave.note());
    }
}
