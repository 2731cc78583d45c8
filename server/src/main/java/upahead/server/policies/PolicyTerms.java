package upahead.server.policies;

import upahead.core.policy.Terms;
import upahead.server.organisation.HoursKinds;
import upahead.server.platform.problems.Refusal;
import upahead.written.RefusedTerms;
import upahead.written.WrittenTerms;

/** The rules that the text of a policy means. */
public final class PolicyTerms {

    private PolicyTerms() {}

    /**
     * @throws Refusal if a figure is missing or cannot be, naming its field
     */
    public static Terms of(WrittenTerms written) {
        if (written.earning() != null
                && !HoursKinds.names().containsAll(written.earning().namedKinds())) {
            throw Refusal.of(
                    "terms.earning.counts",
                    "Please name kinds of hours that there are: " + String.join(", ", HoursKinds.names()) + ".");
        }
        try {
            return written.toTerms();
        } catch (RefusedTerms refused) {
            throw Refusal.of(
                    refused.place().isEmpty() ? "terms" : "terms." + refused.place(),
                    refused.isMissing()
                            ? "A figure is missing here."
                            : "Please check this: " + refused.getMessage() + ".");
        }
    }
}
