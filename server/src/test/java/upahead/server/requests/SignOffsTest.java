package upahead.server.requests;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.security.access.AccessDeniedException;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.access.Role;
import upahead.server.platform.access.SignedIn;
import upahead.server.platform.mail.Mailbox;
import upahead.server.platform.mail.Message;
import upahead.server.platform.problems.Refusal;
import upahead.server.policies.LeaveIn;
import upahead.server.policies.Policies;
import upahead.server.policies.PolicyDetail;
import upahead.server.policies.PolicySettings;
import upahead.server.policies.PolicyTexts;
import upahead.server.policies.RequestRules;
import upahead.server.policies.SeenBy;
import upahead.server.policies.SignOffPaths;
import upahead.server.policies.SignOffStep;
import upahead.server.policies.SignOffStep.By;
import upahead.server.requests.leave.Decision;
import upahead.server.requests.leave.RequestDraft;
import upahead.server.requests.leave.RequestDraft.AskedDay;
import upahead.server.requests.leave.RequestDraft.Part;
import upahead.server.requests.leave.RequestQuery;
import upahead.server.requests.leave.RequestState;
import upahead.server.requests.leave.RequestSummary;
import upahead.server.requests.signing.SignOff;

/** Sign-off paths, questions, documents and who sees an absence, set on a policy and enforced where leave is asked for. */
@WithDemo
class SignOffsTest {

    private static final long HOURLY_LEAVE = 1;

    private static final long KERENSA = 27;

    private static final long CORVIN = 4;

    private static final long OTHER_APPROVER = 3;

    private static final SignedIn ASKING = Somebody.employee(KERENSA);

    private static final SignedIn FIRST = new SignedIn(40, "corvin", "Corvin Harnquist", Role.APPROVER, CORVIN);

    private static final SignedIn SECOND = new SignedIn(30, "other", "Other Approver", Role.APPROVER, OTHER_APPROVER);

    private static final SignOffStep BY_APPROVER = SignOffStep.approver();

    private static final SignOffStep BY_OTHER = new SignOffStep(By.PERSON, null, OTHER_APPROVER);

    private static final SignOffStep BY_ADMINISTRATOR = new SignOffStep(By.ROLE, Role.ADMINISTRATOR, null);

    @Autowired
    private Requests requests;

    @Autowired
    private Deciding deciding;

    @Autowired
    private Asking asking;

    @Autowired
    private Documents documents;

    @Autowired
    private Policies policies;

    @Autowired
    private PolicyTexts texts;

    @Autowired
    private SignOffPaths paths;

    @Autowired
    private Mailbox mailbox;

    @Autowired
    private CurrentUser user;

    @Test
    void aRequestGoesFromOneSignOffToTheNext() {
        rules(List.of(), null, List.of(BY_APPROVER, BY_OTHER), SeenBy.TEAM);
        RequestDetail sent = send("2027-05-05");
        assertThat(sent.signOffs()).extracting(SignOff::who).hasSize(2).startsWith("Corvin Harnquist");
        assertThatThrownBy(() -> approve(SECOND, sent)).isInstanceOf(AccessDeniedException.class);
        RequestDetail signed = approve(FIRST, sent);
        assertThat(signed.request().state()).isEqualTo(RequestState.WAITING);
        assertThat(signed.signOffs().get(0).signedBy()).isEqualTo("Corvin Harnquist");
        assertThat(signed.mayDecide()).isFalse();
        assertThat(newestMail(SECOND).subject()).startsWith("Kerensa Saltonstall asks for Hourly leave");
        assertThat(queue(SECOND)).contains(sent.request().id());
        assertThat(approve(SECOND, signed).request().state()).isEqualTo(RequestState.APPROVED);
    }

    @Test
    void daysDeclinedByTheFirstStayDeclined() {
        rules(List.of(), null, List.of(BY_APPROVER, BY_OTHER), SeenBy.TEAM);
        RequestDetail sent = send("2027-05-05", "2027-05-06");
        RequestDetail signed =
                decide(FIRST, sent, Map.of("2027-05-05", Decision.DECLINED, "2027-05-06", Decision.APPROVED));
        assertThat(signed.review().days().get(0).decision()).isEqualTo(Decision.DECLINED);
        RequestDetail decided = decide(SECOND, signed, Map.of("2027-05-06", Decision.APPROVED));
        assertThat(decided.request().state()).isEqualTo(RequestState.PARTLY_APPROVED);
    }

    @Test
    void oneWhoDeclinesEverythingEndsIt() {
        rules(List.of(), null, List.of(BY_APPROVER, BY_OTHER), SeenBy.TEAM);
        RequestDetail decided = decide(FIRST, send("2027-05-05"), Map.of("2027-05-05", Decision.DECLINED));
        assertThat(decided.request().state()).isEqualTo(RequestState.DECLINED);
        assertThat(decided.mayDecide()).isFalse();
    }

    @Test
    void nobodySignsTwice() {
        rules(List.of(), null, List.of(BY_APPROVER, new SignOffStep(By.PERSON, null, CORVIN)), SeenBy.TEAM);
        RequestDetail once = send("2027-05-05");
        assertThat(once.signOffs()).hasSize(1);
        rules(List.of(), null, List.of(BY_APPROVER, new SignOffStep(By.ROLE, Role.APPROVER, null)), SeenBy.TEAM);
        RequestDetail signed = approve(FIRST, send("2027-05-07"));
        assertThat(signed.inTurn()).isFalse();
        assertThatThrownBy(() -> approve(FIRST, signed)).isInstanceOf(AccessDeniedException.class);
        assertThat(approve(SECOND, signed).request().state()).isEqualTo(RequestState.APPROVED);
    }

    @Test
    void anAdministratorDecidesOverTheTopOnRecord() {
        rules(List.of(), null, List.of(BY_APPROVER, BY_OTHER), SeenBy.TEAM);
        RequestDetail decided = approve(Somebody.ADMINISTRATOR, send("2027-05-05"));
        assertThat(decided.request().state()).isEqualTo(RequestState.APPROVED);
        assertThat(decided.history()).last().satisfies(event -> assertThat(event.what())
                .isEqualTo("APPROVED_OVER_THE_TOP"));
    }

    @Test
    void theGeneralPathHoldsWhereAPolicyHasNone() {
        act(Somebody.ADMINISTRATOR, () -> paths.setGeneral(List.of(BY_ADMINISTRATOR)));
        RequestDetail sent = send("2027-05-05");
        assertThat(sent.signOffs()).singleElement().satisfies(each -> assertThat(each.who())
                .isEqualTo("any administrator"));
        assertThatThrownBy(() -> approve(FIRST, sent)).isInstanceOf(AccessDeniedException.class);
        RequestDetail decided = approve(Somebody.ADMINISTRATOR, sent);
        assertThat(decided.history()).last().satisfies(event -> assertThat(event.what())
                .isEqualTo("APPROVED"));
    }

    @Test
    void aRequestKeepsThePathItWasSentWith() {
        RequestDetail sent = send("2027-05-05");
        rules(List.of(), null, List.of(BY_ADMINISTRATOR), SeenBy.TEAM);
        assertThat(approve(FIRST, sent).request().state()).isEqualTo(RequestState.APPROVED);
    }

    @Test
    void aStepSaysWhoGivesItAndStandsOnce() {
        assertThatThrownBy(() -> rules(List.of(), null, List.of(new SignOffStep(By.ROLE, null, null)), SeenBy.TEAM))
                .isInstanceOfSatisfying(
                        Refusal.class, refusal -> assertThat(refusal.field()).isEqualTo("signOffs"));
        assertThatThrownBy(() -> rules(List.of(), null, List.of(BY_APPROVER, BY_APPROVER), SeenBy.TEAM))
                .hasMessageStartingWith("Nobody signs the same request twice");
    }

    private void rules(List<String> questions, Integer documentFrom, List<SignOffStep> path, SeenBy seenBy) {
        PolicyDetail policy = policies.get(HOURLY_LEAVE);
        RequestRules rules = new RequestRules(
                false, false, 3, false, LeaveIn.HOURS, null, documentFrom, questions, path, seenBy, false, true, null);
        act(
                Somebody.ADMINISTRATOR,
                () -> texts.change(
                        HOURLY_LEAVE,
                        policy.edits(),
                        new PolicySettings(policy.name(), policy.kind(), true, policy.payrollCode(), rules)));
    }

    private RequestDetail send(String... days) {
        return act(ASKING, () -> asking.send(draft(List.of(), List.of(), days)));
    }

    private RequestDetail approve(SignedIn by, RequestDetail detail) {
        return decide(
                by,
                detail,
                detail.review().days().stream()
                        .filter(day -> day.decision() == null)
                        .collect(Collectors.toMap(day -> day.on().toString(), day -> Decision.APPROVED)));
    }

    private RequestDetail decide(SignedIn by, RequestDetail detail, Map<String, Decision> decisions) {
        Map<LocalDate, Decision> byDay = decisions.entrySet().stream()
                .collect(Collectors.toMap(each -> LocalDate.parse(each.getKey()), Map.Entry::getValue));
        return act(
                by,
                () -> deciding.decide(detail.request().id(), detail.request().edits(), byDay, ""));
    }

    private List<Long> queue(SignedIn by) {
        return act(by, () -> requests.queue(RequestQuery.in(EnumSet.of(RequestState.WAITING), 100))).items().stream()
                .map(RequestSummary::id)
                .toList();
    }

    private Message newestMail(SignedIn of) {
        return act(of, mailbox::newest).get(0);
    }

    private static RequestDraft draft(List<String> answers, List<Long> documents, String... days) {
        return new RequestDraft(
                KERENSA,
                HOURLY_LEAVE,
                Arrays.stream(days)
                        .map(day -> new AskedDay(LocalDate.parse(day), Part.WHOLE, null))
                        .toList(),
                "",
                answers,
                documents,
                null);
    }

    private <T> T act(SignedIn somebody, Supplier<T> work) {
        return user.actAs(somebody, work);
    }
}
