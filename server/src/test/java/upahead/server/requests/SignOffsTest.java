package upahead.server.requests;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
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
import upahead.server.access.CurrentUser;
import upahead.server.access.Role;
import upahead.server.access.SignedIn;
import upahead.server.mail.Mailbox;
import upahead.server.mail.Message;
import upahead.server.policies.LeaveIn;
import upahead.server.policies.Policies;
import upahead.server.policies.PolicyDetail;
import upahead.server.policies.PolicySettings;
import upahead.server.policies.RequestRules;
import upahead.server.policies.Seen;
import upahead.server.policies.SignOffPaths;
import upahead.server.policies.SignOffStep;
import upahead.server.policies.SignOffStep.By;
import upahead.server.problems.Refusal;
import upahead.server.requests.RequestDraft.AskedDay;
import upahead.server.requests.RequestDraft.Part;
import upahead.server.requests.RequestReview.Problem;

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
    private Documents documents;

    @Autowired
    private Policies policies;

    @Autowired
    private SignOffPaths paths;

    @Autowired
    private Mailbox mailbox;

    @Autowired
    private CurrentUser user;

    @Test
    void aRequestGoesFromOneSignOffToTheNext() {
        rules(List.of(), null, List.of(BY_APPROVER, BY_OTHER), Seen.TEAM);
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
        rules(List.of(), null, List.of(BY_APPROVER, BY_OTHER), Seen.TEAM);
        RequestDetail sent = send("2027-05-05", "2027-05-06");
        RequestDetail signed =
                decide(FIRST, sent, Map.of("2027-05-05", Decision.DECLINED, "2027-05-06", Decision.APPROVED));
        assertThat(signed.review().days().get(0).decision()).isEqualTo(Decision.DECLINED);
        RequestDetail decided = decide(SECOND, signed, Map.of("2027-05-06", Decision.APPROVED));
        assertThat(decided.request().state()).isEqualTo(RequestState.PARTLY_APPROVED);
    }

    @Test
    void oneWhoDeclinesEverythingEndsIt() {
        rules(List.of(), null, List.of(BY_APPROVER, BY_OTHER), Seen.TEAM);
        RequestDetail decided = decide(FIRST, send("2027-05-05"), Map.of("2027-05-05", Decision.DECLINED));
        assertThat(decided.request().state()).isEqualTo(RequestState.DECLINED);
        assertThat(decided.mayDecide()).isFalse();
    }

    @Test
    void nobodySignsTwice() {
        rules(List.of(), null, List.of(BY_APPROVER, new SignOffStep(By.PERSON, null, CORVIN)), Seen.TEAM);
        RequestDetail once = send("2027-05-05");
        assertThat(once.signOffs()).hasSize(1);
        rules(List.of(), null, List.of(BY_APPROVER, new SignOffStep(By.ROLE, Role.APPROVER, null)), Seen.TEAM);
        RequestDetail signed = approve(FIRST, send("2027-05-07"));
        assertThat(signed.inTurn()).isFalse();
        assertThatThrownBy(() -> approve(FIRST, signed)).isInstanceOf(AccessDeniedException.class);
        assertThat(approve(SECOND, signed).request().state()).isEqualTo(RequestState.APPROVED);
    }

    @Test
    void anAdministratorDecidesOverTheTopOnRecord() {
        rules(List.of(), null, List.of(BY_APPROVER, BY_OTHER), Seen.TEAM);
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
        rules(List.of(), null, List.of(BY_ADMINISTRATOR), Seen.TEAM);
        assertThat(approve(FIRST, sent).request().state()).isEqualTo(RequestState.APPROVED);
    }

    @Test
    void aStepSaysWhoGivesItAndStandsOnce() {
        assertThatThrownBy(() -> rules(List.of(), null, List.of(new SignOffStep(By.ROLE, null, null)), Seen.TEAM))
                .isInstanceOfSatisfying(
                        Refusal.class, refusal -> assertThat(refusal.field()).isEqualTo("signOffs"));
        assertThatThrownBy(() -> rules(List.of(), null, List.of(BY_APPROVER, BY_APPROVER), Seen.TEAM))
                .hasMessageStartingWith("Nobody signs the same request twice");
    }

    @Test
    void questionsAreAnsweredBeforeSending() {
        rules(List.of("Who stands in?", "Reachable?"), null, null, Seen.TEAM);
        assertThat(preview(draft(List.of("Silvan", " "), List.of(), "2027-05-05"))
                        .problems())
                .extracting(Problem::message)
                .containsExactly("Please answer: Reachable?");
        RequestDetail sent = act(ASKING, () -> requests.send(draft(List.of("Silvan ", "No"), List.of(), "2027-05-05")));
        assertThat(sent.answers())
                .containsExactly(new Answer("Who stands in?", "Silvan"), new Answer("Reachable?", "No"));
    }

    @Test
    void aDocumentIsNeededFromSoManyDaysOn() {
        rules(List.of(), 2, null, Seen.TEAM);
        assertThat(preview(draft(List.of(), List.of(), "2027-05-05")).problems())
                .isEmpty();
        assertThat(preview(draft(List.of(), List.of(), "2027-05-05", "2027-05-06"))
                        .problems())
                .extracting(Problem::message)
                .containsExactly("Hourly leave needs a document from 2 days on.");
        DocumentView kept = act(ASKING, () -> documents.keep(KERENSA, "C:\\scans\\note.pdf", pdf()));
        assertThat(kept.name()).isEqualTo("note.pdf");
        RequestDetail sent =
                act(ASKING, () -> requests.send(draft(List.of(), List.of(kept.id()), "2027-05-05", "2027-05-06")));
        assertThat(sent.documents()).containsExactly(kept);
        assertThat(act(FIRST, () -> documents.open(kept.id())).content()).isEqualTo(pdf());
        assertThatThrownBy(() -> act(Somebody.employee(30), () -> documents.open(kept.id())))
                .isInstanceOf(AccessDeniedException.class);
    }

    @Test
    void aDocumentIsToldByItsContentAndItsSize() {
        assertThatThrownBy(() -> act(ASKING, () -> documents.keep(KERENSA, "note.pdf", new byte[] {'M', 'Z'})))
                .hasMessage("A document is a PDF file or a PNG or JPEG picture.");
        byte[] large = Arrays.copyOf(pdf(), 6 * 1024 * 1024);
        assertThatThrownBy(() -> act(ASKING, () -> documents.keep(KERENSA, "note.pdf", large)))
                .hasMessage("A document has at most 5 MB.");
    }

    @Test
    void somebodyElsesDocumentIsNoneOfOnesOwn() {
        DocumentView other = act(Somebody.employee(30), () -> documents.keep(30, "note.pdf", pdf()));
        assertThat(preview(draft(List.of(), List.of(other.id()), "2027-05-05")).problems())
                .extracting(Problem::field)
                .containsExactly("documents");
    }

    @Test
    void whoIsAwayIsSeenAsThePolicyAllows() {
        String[] day = {"2027-04-30"};
        assertThat(preview(draft(List.of(), List.of(), day)).days().get(0).away())
                .containsExactly("Silvan Bellwether");
        rules(List.of(), null, null, Seen.NOBODY);
        assertThat(preview(draft(List.of(), List.of(), day)).days().get(0).away())
                .isEmpty();
        assertThat(act(FIRST, () -> requests.preview(draft(List.of(), List.of(), day)))
                        .days()
                        .get(0)
                        .away())
                .containsExactly("Silvan Bellwether (Hourly leave)");
    }

    private void rules(List<String> questions, Integer documentFrom, List<SignOffStep> path, Seen seenBy) {
        PolicyDetail policy = policies.get(HOURLY_LEAVE);
        RequestRules rules = new RequestRules(
                false, false, 3, false, LeaveIn.HOURS, null, documentFrom, questions, path, seenBy, false, true);
        act(
                Somebody.ADMINISTRATOR,
                () -> policies.change(
                        HOURLY_LEAVE,
                        policy.edits(),
                        new PolicySettings(policy.name(), policy.kind(), true, policy.payrollCode(), rules)));
    }

    private RequestDetail send(String... days) {
        return act(ASKING, () -> requests.send(draft(List.of(), List.of(), days)));
    }

    private RequestReview preview(RequestDraft draft) {
        return act(ASKING, () -> requests.preview(draft));
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
                () -> requests.decide(detail.request().id(), detail.request().edits(), byDay, ""));
    }

    private List<Long> queue(SignedIn by) {
        return act(by, () -> requests.queue(EnumSet.of(RequestState.WAITING), 0, 100)).items().stream()
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
                documents);
    }

    private static byte[] pdf() {
        return "%PDF-1.7 made up".getBytes(StandardCharsets.US_ASCII);
    }

    private <T> T act(SignedIn somebody, Supplier<T> work) {
        return user.actAs(somebody, work);
    }
}
