package upahead.server.staffing;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import upahead.server.employment.NewPerson;
import upahead.server.enrolment.CoverageEffect;
import upahead.server.enrolment.CoverageEffect.What;
import upahead.server.enrolment.CoverageEffects;
import upahead.server.policies.Policies;
import upahead.server.policies.PolicyDetail;
import upahead.server.staffing.PeoplePreview.PolicyCount;
import upahead.server.staffing.RowOutcome.State;

/** How many enrolments begin and end by a file of people. */
@Component
class EnrolmentCounts {

    private final CoverageEffects effects;
    private final Policies policies;

    EnrolmentCounts(CoverageEffects effects, Policies policies) {
        this.effects = effects;
        this.policies = policies;
    }

    /** How many enrolments begin and end by the file, policy by policy. */
    List<PolicyCount> of(List<RowOutcome> outcomes, KnownCompany known, LocalDate from) {
        Map<String, Long> ids = known.people().entrySet().stream()
                .collect(Collectors.toMap(
                        Map.Entry::getKey, each -> each.getValue().id()));
        List<CoverageEffects.Move> moved = outcomes.stream()
                .filter(each -> each.groups() != null)
                .map(each -> new CoverageEffects.Move(
                        each.known(), each.known().placing(), each.groups().placing(known, ids)))
                .toList();
        Map<String, int[]> counts = new TreeMap<>();
        for (CoverageEffect effect : effects.of(moved, from)) {
            int[] count = counts.computeIfAbsent(effect.policy(), unused -> new int[2]);
            if (effect.what() == What.BEGINS || effect.what() == What.GOES_ON) {
                count[0]++;
            } else if (effect.what() == What.ENDS || effect.what() == What.NEVER_BEGINS) {
                count[1]++;
            }
        }
        List<NewPerson> added = outcomes.stream()
                .filter(each -> each.state() == State.NEW)
                .map(RowOutcome::added)
                .toList();
        for (PolicyDetail policy : policies.byId().values()) {
            int covered = effects.wouldCover(policy, added);
            if (covered > 0) {
                counts.computeIfAbsent(policy.name(), unused -> new int[2])[0] += covered;
            }
        }
        return counts.entrySet().stream()
                .map(each -> new PolicyCount(each.getKey(), each.getValue()[0], each.getValue()[1]))
                .toList();
    }
}
