package upahead.server.periods;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** Late changes, arranged for finding what caused a correction. */
public final class Causes {

    private static final int MOST_NAMED = 3;

    private final Map<Long, List<LateChange>> byPerson = new HashMap<>();
    private final List<LateChange> ofEverybody = new ArrayList<>();

    Causes(List<LateChange> changes) {
        for (LateChange change : changes) {
            if (change.personId() == null) {
                ofEverybody.add(change);
            } else {
                byPerson.computeIfAbsent(change.personId(), unused -> new ArrayList<>())
                        .add(change);
            }
        }
    }

    /** The earliest date that anything changed for somebody can make a difference on, if anything was changed. */
    public Optional<LocalDate> earliest(long personId) {
        return Stream.concat(byPerson.getOrDefault(personId, List.of()).stream(), ofEverybody.stream())
                .map(LateChange::affectsFrom)
                .min(LocalDate::compareTo);
    }

    /**
     * What can have caused a correction, the most likely first: changes of that person before those of everybody, of that
     * very policy before those of all, and then the nearest before the date. What was changed in another policy counts
     * only where nothing else does.
     *
     * @param about the date that the correction is about
     */
    public List<LateChange> of(long personId, long policyId, LocalDate about) {
        List<LateChange> possible = Stream.concat(
                        byPerson.getOrDefault(personId, List.of()).stream(), ofEverybody.stream())
                .filter(change -> change.canConcern(personId, about))
                .sorted(Comparator.comparing((LateChange change) -> change.personId() == null)
                        .thenComparing(change -> change.policyId() == null)
                        .thenComparing(LateChange::affectsFrom, Comparator.reverseOrder())
                        .thenComparing(LateChange::id, Comparator.reverseOrder()))
                .toList();
        List<LateChange> ofThisPolicy = possible.stream()
                .filter(change -> change.policyId() == null || change.policyId() == policyId)
                .toList();
        return (ofThisPolicy.isEmpty() ? possible : ofThisPolicy)
                .stream().limit(MOST_NAMED).toList();
    }
}
