package upahead.server.policies;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.LocalDate;
import java.util.List;
import java.util.function.Supplier;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.security.test.context.support.WithMockUser;
import org.springframework.test.web.servlet.MockMvc;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.enrolment.PuttingInForce;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.problems.Refusal;

@WithDemo
class PoliciesTest {

    private static final long SALARIED_LEAVE = 2;

    @Autowired
    private Policies policies;

    @Autowired
    private PuttingInForce inForce;

    @Autowired
    private PolicyTexts texts;

    @Autowired
    private CurrentUser user;

    @Autowired
    private MockMvc http;

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"limits\": {\"balance\": \"-1\"}|terms.limits.balance|A limit must be at least 0.",
                "\"limits\": {\"balance\": \"many\"}|terms.limits.balance|This must be a number.",
                "\"limits\": {\"ballance\": \"3\"}|terms.limits|This could not be read; please check what was typed.",
                "\"onLeaving\": \"vanish\"|terms.onLeaving|This could not be read; please check what was typed.",
                "\"earning\": {\"method\": \"by magic\"}|terms.earning|This could not be read; please check what was typed.",
                "\"earning\": {\"method\": \"upfront\"}|terms.earning.amount|A figure is missing here.",
                "\"earning\": {\"method\": \"per-hours-worked\", \"earn\": \"1\", \"forEvery\": \"0\"}|terms.earning.forEvery"
                        + "|Please check this: the number of hours for which something is earned must be above 0, not 0.",
                "\"yearEnd\": {\"carriedUsable\": {\"until\": \"31-03\"}}|terms.yearEnd.carriedUsable.until"
                        + "|Please check this: must be a month and day such as 03-31, not 31-03.",
            })
    @WithMockUser(roles = "ADMINISTRATOR")
    void aFigureThatCannotBeIsSaidWhereItIsTyped(String figure, String field, String message) throws Exception {
        String earning = figure.startsWith("\"earning\"") ? "" : "\"earning\": {\"method\": \"none\"}, ";
        http.perform(post("/api/policies/rehearsal")
                        .with(csrf())
                        .contentType(MediaType.APPLICATION_JSON)
                        .content("{\"unit\": \"HOURS\", \"benefitYear\": \"01-01\", \"hired\": \"2027-04-26\", "
                                + "\"hoursADay\": \"8\", \"terms\": {" + earning + figure + "}}"))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.field").value(field))
                .andExpect(jsonPath("$.detail").value(message));
    }

    @Test
    void aDraftTouchesNobodyUntilItIsPutInForce() {
        PolicyDetail before = policies.get(SALARIED_LEAVE);
        PolicyVersion draft = draftOf(before);
        assertThat(policies.rules(before).versions().on(LocalDate.of(2028, 1, 1)))
                .isEqualTo(policies.rules(before).versions().on(LocalDate.of(2027, 1, 1)));

        PolicyDetail after = user.actAs(
                Somebody.ADMINISTRATOR,
                () -> inForce.putInForce(
                        SALARIED_LEAVE, draft.id(), draft.edits(), LocalDate.of(2028, 1, 1), nobodyMore(), "test"));

        assertThat(policies.rules(after).versions().on(LocalDate.of(2028, 1, 1)))
                .isNotEqualTo(policies.rules(after).versions().on(LocalDate.of(2027, 1, 1)));
        assertThat(after.people()).isEqualTo(before.people());
    }

    @Test
    void theSecondOfTwoWhoChangeADraftIsTold() {
        PolicyVersion draft = draftOf(policies.get(SALARIED_LEAVE));
        change(draft);
        assertThatThrownBy(() -> change(draft)).hasMessageStartingWith("Somebody else changed this policy meanwhile.");
    }

    @Test
    void twoVersionsCannotStartOnOneDay() {
        PolicyVersion draft = draftOf(policies.get(SALARIED_LEAVE));
        assertThatThrownBy(() -> user.actAs(
                        Somebody.ADMINISTRATOR,
                        () -> inForce.putInForce(
                                SALARIED_LEAVE,
                                draft.id(),
                                draft.edits(),
                                LocalDate.of(2027, 1, 1),
                                nobodyMore(),
                                "test")))
                .isInstanceOfSatisfying(
                        Refusal.class, refusal -> assertThat(refusal.field()).isEqualTo("from"));
    }

    @Test
    void figuresOfAStartingPointAreLookedAtBeforeItIsInForce() {
        PolicyDetail shape = policies.get(SALARIED_LEAVE);
        PolicyDetail written = act(() -> texts.write(new NewPolicy(
                "Moving day",
                PolicyKind.PERSONAL,
                shape.unit(),
                true,
                "MOVE",
                "01-01",
                shape.rules(),
                draftOf(shape).terms(),
                List.of("Amount earned", "Balance limit"),
                false)));
        PolicyVersion draft = draftOf(written);
        assertThatThrownBy(() -> putInForce(written.id(), draft))
                .hasMessage("These figures came with the starting point and nobody has looked at them yet: "
                        + "Amount earned, Balance limit.");
        PolicyVersion lookedAt =
                draftOf(act(() -> texts.change(written.id(), draft.id(), draft.edits(), draft.terms(), List.of())));
        assertThat(putInForce(written.id(), lookedAt).begins()).contains(LocalDate.of(2028, 1, 1));
    }

    private PolicyDetail putInForce(long policyId, PolicyVersion draft) {
        return act(() -> inForce.putInForce(
                policyId, draft.id(), draft.edits(), LocalDate.of(2028, 1, 1), nobodyMore(), "test"));
    }

    private <T> T act(Supplier<T> work) {
        return user.actAs(Somebody.ADMINISTRATOR, work);
    }

    private void change(PolicyVersion draft) {
        user.actAs(
                Somebody.SECOND_ADMINISTRATOR,
                () -> texts.change(SALARIED_LEAVE, draft.id(), draft.edits(), draft.terms(), List.of()));
    }

    private static PolicyVersion draftOf(PolicyDetail policy) {
        return policy.versions().stream()
                .filter(version -> version.state() == VersionState.DRAFT)
                .findFirst()
                .orElseThrow();
    }

    private static Coverage nobodyMore() {
        return Coverage.people(List.of());
    }
}
