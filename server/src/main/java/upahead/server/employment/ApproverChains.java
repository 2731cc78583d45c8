package upahead.server.employment;

import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * Who decides for whom, and who for them in turn: a chain that must end somewhere.
 *
 * @param <K> what people are known by
 */
public final class ApproverChains<K> {

    private final Map<K, K> approvers;

    /**
     * @param approvers who decides for each person for whom somebody does
     */
    public ApproverChains(Map<K, K> approvers) {
        this.approvers = new HashMap<>(approvers);
    }

    /** Lets somebody be decided for by another, or by nobody where that is null. */
    public void set(K person, K approver) {
        if (approver == null) {
            approvers.remove(person);
        } else {
            approvers.put(person, approver);
        }
    }

    /** The people of a circle in which somebody stands, that person first and last; nothing where the chain ends. */
    public Optional<List<K>> circle(K person) {
        Set<K> passed = new LinkedHashSet<>();
        K at = person;
        while (at != null && passed.add(at)) {
            at = approvers.get(at);
        }
        return at != null && at.equals(person)
                ? Optional.of(Stream.concat(passed.stream(), Stream.of(person)).toList())
                : Optional.empty();
    }
}
