package upahead.server.enrolment;

import java.util.List;
import upahead.server.policies.PolicyKind;

/**
 * Somebody whom several policies of the same kind cover, or none of a kind that covers others like them.
 *
 * @param policies their names; none or at least two
 */
public record Doubled(long personId, String person, PolicyKind kind, List<String> policies) {

    /** What is to be said of it. */
    public String sentence() {
        String name = kind.name().toLowerCase().replace('_', ' ');
        return policies.isEmpty()
                ? person + " is covered by no policy for " + name + "."
                : person + " is covered by several policies for " + name + ": " + String.join(", ", policies) + ".";
    }
}
