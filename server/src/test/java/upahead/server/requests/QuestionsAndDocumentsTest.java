package upahead.server.requests;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.function.Supplier;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.security.access.AccessDeniedException;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.access.Role;
import upahead.server.platform.access.SignedIn;
import upahead.server.policies.LeaveIn;
import upahead.server.policies.Policies;
import upahead.server.policies.PolicyDetail;
import upahead.server.policies.PolicySettings;
import upahead.server.policies.PolicyTexts;
import upahead.server.policies.RequestRules;
import upahead.server.policies.SeenBy;
import upahead.server.policies.SignOffStep;
import upahead.server.requests.RequestReview.Problem;
import upahead.server.requests.leave.Answer;
import upahead.server.requests.leave.RequestDraft;
import upahead.server.requests.leave.RequestDraft.AskedDay;
import upahead.server.requests.leave.RequestDraft.Part;

/** What a policy asks of a request beside its days, and who sees that somebody is away. */
@WithDemo
class QuestionsAndDocumentsTest {

    private static final long HOURLY_LEAVE = 1;

    private static final long KERENSA = 27;

    private static final long CORVIN = 4;

    private static final SignedIn ASKING = Somebody.employee(KERENSA);

    private static final SignedIn FIRST = new SignedIn(40, "corvin", "Corvin Harnquist", Role.APPROVER, CORVIN);

    @Autowired
    private Asking asking;

    @Autowired
    private Documents documents;

    @Autowired
    private Policies policies;

    @Autowired
    private PolicyTexts texts;

    @Autowired
    private CurrentUser user;

    @Test
    void questionsAreAnsweredBeforeSending() {
        rules(List.of("Who stands in?", "Reachable?"), null, null, SeenBy.TEAM);
        assertThat(preview(draft(List.of("Silvan", " "), List.of(), "2027-05-05"))
                        .problems())
                .extracting(Problem::message)
                .containsExactly("Please answer: Reachable?");
        RequestDetail sent = act(ASKING, () -> asking.send(draft(List.of("Silvan ", "No"), List.of(), "2027-05-05")));
        assertThat(sent.answers())
                .containsExactly(new Answer("Who stands in?", "Silvan"), new Answer("Reachable?", "No"));
    }

    @Test
    void aDocumentIsNeededFromSoManyDaysOn() {
        rules(List.of(), 2, null, SeenBy.TEAM);
        assertThat(preview(draft(List.of(), List.of(), "2027-05-05")).problems())
                .isEmpty();
        assertThat(preview(draft(List.of(), List.of(), "2027-05-05", "2027-05-06"))
                        .problems())
                .extracting(Problem::message)
                .containsExactly("Hourly leave needs a document from 2 days on.");
        DocumentView kept = act(ASKING, () -> documents.keep(KERENSA, "C:\\scans\\note.pdf", pdf()));
        assertThat(kept.name()).isEqualTo("note.pdf");
        RequestDetail sent =
                act(ASKING, () -> asking.send(draft(List.of(), List.of(kept.id()), "2027-05-05", "2027-05-06")));
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
        rules(List.of(), null, null, SeenBy.NOBODY);
        assertThat(preview(draft(List.of(), List.of(), day)).days().get(0).away())
                .isEmpty();
        assertThat(act(FIRST, () -> asking.preview(draft(List.of(), List.of(), day)))
                        .days()
                        .get(0)
                        .away())
                .containsExactly("Silvan Bellwether (Hourly leave)");
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

    private RequestReview preview(RequestDraft draft) {
        return act(ASKING, () -> asking.preview(draft));
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

    private static byte[] pdf() {
        return "%PDF-1.7 made up".getBytes(StandardCharsets.US_ASCII);
    }

    private <T> T act(SignedIn somebody, Supplier<T> work) {
        return user.actAs(somebody, work);
    }
}
