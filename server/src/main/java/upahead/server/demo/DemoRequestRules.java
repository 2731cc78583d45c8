package upahead.server.demo;

import java.util.List;
import org.springframework.stereotype.Component;
import upahead.server.platform.access.Role;
import upahead.server.policies.LeaveIn;
import upahead.server.policies.Policies;
import upahead.server.policies.PolicyDetail;
import upahead.server.policies.PolicySettings;
import upahead.server.policies.PolicyTexts;
import upahead.server.policies.RequestRules;
import upahead.server.policies.SeenBy;
import upahead.server.policies.SignOffStep;

/** Request rules beyond the usual: a question and two sign-offs for learning, documents and discretion for sick time. */
@Component
class DemoRequestRules {

    private final Policies policies;
    private final PolicyTexts texts;

    DemoRequestRules(Policies policies, PolicyTexts texts) {
        this.policies = policies;
        this.texts = texts;
    }

    void setUp() {
        for (PolicyDetail policy : policies.all()) {
            if (policy.name().equals(DemoPolicies.LEARNING_DAYS)) {
                change(policy, learning(policy.rules()));
            } else if (policy.name().equals(DemoPolicies.SICK_TIME)) {
                change(policy, sick(policy.rules()));
            }
        }
    }

    private void change(PolicyDetail policy, RequestRules rules) {
        texts.change(
                policy.id(),
                policy.edits(),
                new PolicySettings(policy.name(), policy.kind(), policy.paid(), policy.payrollCode(), rules));
    }

    private static RequestRules learning(RequestRules before) {
        return new RequestRules(
                before.holidaysCost(),
                before.daysOffCost(),
                before.noticeDays(),
                before.noteRequired(),
                LeaveIn.HALF_DAYS,
                null,
                null,
                List.of("What will you learn?"),
                List.of(SignOffStep.approver(), new SignOffStep(SignOffStep.By.ROLE, Role.ADMINISTRATOR, null)),
                SeenBy.EVERYBODY,
                true,
                true,
                null);
    }

    private static RequestRules sick(RequestRules before) {
        return new RequestRules(
                before.holidaysCost(),
                before.daysOffCost(),
                before.noticeDays(),
                before.noteRequired(),
                before.leaveIn(),
                before.smallestStep(),
                4,
                List.of(),
                null,
                SeenBy.NOBODY,
                false,
                true,
                null);
    }
}
