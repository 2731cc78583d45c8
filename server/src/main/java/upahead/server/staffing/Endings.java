package upahead.server.staffing;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import upahead.core.policy.EndBalance;
import upahead.core.policy.Leftover;
import upahead.server.enrolment.CoverageEffect;
import upahead.server.enrolment.CoverageEffect.What;
import upahead.server.enrolment.Ending;
import upahead.server.policies.Policies;
import upahead.server.policies.PolicyDetail;

/** What becomes of a balance when its enrolment ends, where nobody says otherwise. */
@Component
class Endings {

    private final Policies policies;

    Endings(Policies policies) {
        this.policies = policies;
    }

    /**
     * What is suggested for each policy that ends: it goes on in one of the same kind and unit that begins, else it is
     * treated as when somebody leaves.
     *
     * @param effects of one person
     */
    Optional<Ending> suggested(
            CoverageEffect ending, Collection<CoverageEffect> effects, Map<Long, PolicyDetail> byId) {
        if (ending.what() != What.ENDS) {
            return Optional.empty();
        }
        Optional<Ending> going = effects.stream()
                .filter(effect -> effect.what() == What.BEGINS || effect.what() == What.GOES_ON)
                .filter(effect -> effect.kind() == ending.kind() && effect.unit() == ending.unit())
                .findFirst()
                .map(effect -> new Ending(EndBalance.MOVE, effect.policyId()));
        return going.or(() -> Optional.of(new Ending(asWhenLeaving(byId.get(ending.policyId())), null)));
    }

    Map<Long, PolicyDetail> policies() {
        return policies.byId();
    }

    private static EndBalance asWhenLeaving(PolicyDetail policy) {
        boolean paidOut = policy.inForce(LocalDate.MAX)
                .map(version -> version.terms().onLeaving() == Leftover.PAY_OUT)
                .orElse(false);
        return paidOut ? EndBalance.PAY_OUT : EndBalance.LAPSE;
    }

    /** The policies in which a balance can go on: those of the same unit in which the person then is enrolled. */
    static List<Long> canGoOnIn(
            CoverageEffect ending,
            Collection<CoverageEffect> effects,
            Collection<Long> enrolled,
            Map<Long, PolicyDetail> byId) {
        return byId.values().stream()
                .filter(policy -> policy.unit() == ending.unit() && policy.id() != ending.policyId())
                .map(PolicyDetail::id)
                .filter(id -> effects.stream()
                        .filter(effect -> effect.policyId() == id)
                        .map(effect -> effect.what() == What.BEGINS || effect.what() == What.GOES_ON)
                        .findFirst()
                        .orElse(enrolled.contains(id)))
                .sorted()
                .toList();
    }
}
