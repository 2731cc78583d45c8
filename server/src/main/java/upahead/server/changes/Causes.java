package upahead.server.changes;

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

    /**
     * What most likely caused a correction: a change of that very policy before one of all, one of all before one of
     * another policy, and of these the nearest before the date.
     *
     * @param about the date that the correction is about
     */
    public Optional<LateChange> of(long personId, long policyId, LocalDate about) {
        return Stream.concat(byPerson.getOrDefault(personId, List.of()).stream(), ofEverybody.stream())
                .filter(change -> change.canConcern(personId, about))
                .max(Comparator.comparing((LateChange change) -> nearness(change, policyId))
                        .thenComparing(LateChange::affectsFrom)
                        .thenComparing(LateChange::id));
    }

    private static int nearness(LateChange change, long policyId) {
        if (change.policyId() == null) {
            return 1;
        }
        return change.policyId() == policyId ? 2 : 0;
    }
}
