package upahead.server.people;

import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/** Who decides for whom, and who for them in turn: a chain that must end somewhere. */
final class ApproverChains {

    private final Map<Long, Long> approvers;

    ApproverChains(Map<Long, Long> approvers) {
        this.approvers = new HashMap<>(approvers);
    }

    /** Lets somebody be decided for by another, or by nobody where that is null. */
    void set(long personId, Long approverId) {
        if (approverId == null) {
            approvers.remove(personId);
        } else {
            approvers.put(personId, approverId);
        }
    }

    /** The people of a circle in which somebody stands, that person first and last; nothing where the chain ends. */
    Optional<List<Long>> circle(long personId) {
        Set<Long> passed = new LinkedHashSet<>();
        Long at = personId;
        while (at != null && passed.add(at)) {
            at = approvers.get(at);
        }
        return at != null && at == personId
                ? Optional.of(
                        Stream.concat(passed.stream(), Stream.of(personId)).toList())
                : Optional.empty();
    }
}
