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
import upahead.server.access.CurrentUser;
import upahead.server.problems.Refusal;

@WithDemo
class PoliciesTest {

    private static final long SALARIED_LEAVE = 2;

    @Autowired
    private Policies policies;

    @Autowired
    private CurrentUser user;

    @Autowired
    private MockMvc http;

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"balanceLimit\": \"-1\"|terms.balanceLimit|A limit must be at least 0.",
                "\"balanceLimit\": \"many\"|terms.balanceLimit|This must be a number.",
                "\"earning\": {\"method\": \"UPFRONT\"}|terms.earning.amount|A figure is missing here.",
                "\"earning\": {\"method\": \"PER_HOURS_WORKED\", \"amount\": \"1\", \"forEvery\": \"0\"}|terms.earning.forEvery"
                        + "|Please check this: the number of hours for which something is earned must be above 0, not 0.",
                "\"carriedUsable\": {\"time\": null, \"until\": \"31-03\"}|terms.carriedUsable"
                        + "|This must be a month and day such as 03-31.",
            })
    @WithMockUser(roles = "ADMINISTRATOR")
    void aFigureThatCannotBeIsSaidWhereItIsTyped(String figure, String field, String message) throws Exception {
        String earning = figure.startsWith("\"earning\"") ? "" : "\"earning\": {\"method\": \"NONE\"}, ";
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
                () -> policies.putInForce(
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
                        () -> policies.putInForce(
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
        PolicyDetail written = act(() -> policies.write(new NewPolicy(
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
                draftOf(act(() -> policies.change(written.id(), draft.id(), draft.edits(), draft.terms(), List.of())));
        assertThat(putInForce(written.id(), lookedAt).begins()).contains(LocalDate.of(2028, 1, 1));
    }

    private PolicyDetail putInForce(long policyId, PolicyVersion draft) {
        return act(() -> policies.putInForce(
                policyId, draft.id(), draft.edits(), LocalDate.of(2028, 1, 1), nobodyMore(), "test"));
    }

    private <T> T act(Supplier<T> work) {
        return user.actAs(Somebody.ADMINISTRATOR, work);
    }

    private void change(PolicyVersion draft) {
        user.actAs(
                Somebody.SECOND_ADMINISTRATOR,
                () -> policies.change(SALARIED_LEAVE, draft.id(), draft.edits(), draft.terms(), List.of()));
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
