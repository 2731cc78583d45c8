package upahead.server.requests;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.security.access.AccessDeniedException;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.access.SignedIn;
import upahead.server.platform.mail.Mailbox;
import upahead.server.platform.notices.Notice;
import upahead.server.platform.notices.Notices;
import upahead.server.platform.problems.Refusal;
import upahead.server.policies.Policies;
import upahead.server.requests.leave.Decision;
import upahead.server.requests.leave.RequestDraft;
import upahead.server.requests.leave.RequestDraft.AskedDay;
import upahead.server.requests.leave.RequestDraft.Part;
import upahead.server.requests.leave.RequestEvent;
import upahead.server.requests.leave.RequestQuery;
import upahead.server.requests.leave.RequestState;

/** What can still be done about a request that was sent: changed while it waits, asked to be cancelled when approved. */
@WithDemo
class ChangedRequestsTest {

    private static final long HOURLY_LEAVE = 1;
    private static final long KERENSA = 27;
    private static final SignedIn EMPLOYEE = Somebody.employee(KERENSA);
    private static final SignedIn APPROVER = Somebody.approver(4);
    private static final LocalDate WEDNESDAY = LocalDate.of(2027, 6, 16);
    private static final LocalDate THURSDAY = LocalDate.of(2027, 6, 17);

    @Autowired
    private Asking asking;

    @Autowired
    private Deciding deciding;

    @Autowired
    private Cancelling cancelling;

    @Autowired
    private Requests requests;

    @Autowired
    private Mailbox mailbox;

    @Autowired
    private Correcting correcting;

    @Autowired
    private Notices notices;

    @Autowired
    private Policies policies;

    @Autowired
    private CurrentUser user;

    @Test
    void aWaitingRequestIsChangedAndTheApproverSeesWhatItWas() {
        RequestDetail sent = send(WEDNESDAY);
        RequestDetail changed = change(sent, WEDNESDAY, THURSDAY);
        assertThat(changed.request().total()).hasToString("16");
        assertThat(changed.history()).extracting(RequestEvent::what).containsExactly("SENT", "CHANGED");
        assertThat(changed.history().get(1).message()).isEqualTo("before: Hourly leave, 8 hours, 16 June");
        assertThatThrownBy(() -> decide(sent, Decision.APPROVED)).hasMessageContaining("meanwhile");
        assertThat(decide(changed, Decision.APPROVED).request().state()).isEqualTo(RequestState.APPROVED);
    }

    @Test
    void whoDecidesCorrectsTheDaysAndThePersonIsToldWhy() {
        RequestDetail sent = send(WEDNESDAY, THURSDAY);
        long id = sent.request().id();
        List<AskedDay> fewer = List.of(new AskedDay(WEDNESDAY, Part.MORNING, null));
        assertThatThrownBy(() -> act(APPROVER, () -> correcting.correct(id, 0, fewer, " ")))
                .hasMessage("Please say why its days are corrected.");
        assertThatThrownBy(() -> act(EMPLOYEE, () -> correcting.correct(id, 0, fewer, "why")))
                .isInstanceOf(AccessDeniedException.class);
        List<AskedDay> weekend = List.of(new AskedDay(WEDNESDAY.plusDays(3), Part.WHOLE, null));
        assertThatThrownBy(() -> act(APPROVER, () -> correcting.correct(id, 0, weekend, "why")))
                .hasMessageStartingWith("None of these days is a working day");

        RequestDetail corrected = act(APPROVER, () -> correcting.correct(id, 0, fewer, "As you said on the phone"));
        assertThat(corrected.request().total()).hasToString("4");
        assertThat(corrected.request().state()).isEqualTo(RequestState.WAITING);
        assertThat(corrected.history()).extracting(RequestEvent::what).containsExactly("SENT", "CORRECTED");
        assertThat(corrected.history().get(1).message())
                .isEqualTo("before: Hourly leave, 16 hours, 16 June to 17 June. As you said on the phone");
        assertThat(act(EMPLOYEE, () -> notices.own(0, 10)).items().get(0).text())
                .contains("is corrected to 4 hours, 16 June", "As you said on the phone");
        assertThatThrownBy(() -> decide(sent, Decision.APPROVED)).hasMessageContaining("meanwhile");
        assertThat(decide(corrected, Decision.APPROVED).request().state()).isEqualTo(RequestState.APPROVED);
    }

    @Test
    void twoKindsAreSentTogetherOrNeither() {
        long unpaid = policies.all().stream()
                .filter(policy -> policy.name().equals("Unpaid leave"))
                .findFirst()
                .orElseThrow()
                .id();
        RequestDraft paid = draft(null, WEDNESDAY);
        RequestDraft other =
                new RequestDraft(KERENSA, unpaid, draft(null, THURSDAY).days(), "and a day");
        RequestDraft same =
                new RequestDraft(KERENSA, unpaid, draft(null, WEDNESDAY).days(), "the same day");
        assertThatThrownBy(() -> act(EMPLOYEE, () -> asking.sendTogether(List.of(paid, same))))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("already");
        assertThat(act(EMPLOYEE, () -> asking.sendTogether(List.of(draft(null, THURSDAY.plusDays(5)), other))))
                .hasSize(2)
                .allSatisfy(sent -> assertThat(sent.request().state()).isEqualTo(RequestState.WAITING));
        assertThatThrownBy(() -> act(
                        APPROVER,
                        () -> asking.sendTogether(List.of(paid, new RequestDraft(30, unpaid, other.days(), "")))))
                .isInstanceOf(Refusal.class);
    }

    @Test
    void onlyOnesOwnIsChangedAndOnlyWhileItWaits() {
        RequestDetail sent = send(WEDNESDAY);
        long id = sent.request().id();
        assertThatThrownBy(() -> act(APPROVER, () -> asking.change(id, 0, draft(id, THURSDAY))))
                .isInstanceOf(AccessDeniedException.class);
        assertThatThrownBy(() -> act(EMPLOYEE, () -> asking.change(id, 0, draft(null, THURSDAY))))
                .isInstanceOf(AccessDeniedException.class);
        RequestDetail decided = decide(sent, Decision.DECLINED);
        assertThatThrownBy(() -> change(decided, THURSDAY)).isInstanceOf(Refusal.class);
    }

    @Test
    void approvedDaysAreAskedToBeCancelledAndAre() {
        RequestDetail approved = decide(send(WEDNESDAY, THURSDAY), Decision.APPROVED);
        RequestDetail asked = ask(approved, THURSDAY);
        assertThat(asked.request().cancelAsked()).containsExactly(THURSDAY);
        assertThat(asked.request().state()).isEqualTo(RequestState.APPROVED);
        assertThat(waitingForApprover()).contains(asked.request().id());
        assertThat(act(Somebody.approver(4), mailbox::newest).get(0).subject())
                .isEqualTo("Kerensa Saltonstall asks to cancel 17 June");
        RequestDetail cancelled = act(
                APPROVER,
                () -> cancelling.cancel(asked.request().id(), asked.request().edits(), Set.of(THURSDAY), "as asked"));
        assertThat(cancelled.request().state()).isEqualTo(RequestState.PARTLY_APPROVED);
        assertThat(cancelled.request().cancelAsked()).isEmpty();
        assertThat(waitingForApprover()).doesNotContain(asked.request().id());
    }

    @Test
    void whoeverActsNextAndWhoeverAskedAreToldInThePages() {
        RequestDetail sent = send(WEDNESDAY);
        Notice told = act(APPROVER, () -> notices.own(0, 10)).items().get(0);
        assertThat(told.text()).startsWith("Kerensa Saltonstall asks for 8 hours of Hourly leave");
        assertThat(told.place()).isEqualTo("/requests/" + sent.request().id());
        int unread = act(APPROVER, notices::unread);
        assertThat(act(EMPLOYEE, () -> notices.mark(told.id(), true))).isEqualTo(act(EMPLOYEE, notices::unread));
        assertThat(act(APPROVER, notices::unread)).isEqualTo(unread);
        assertThat(act(APPROVER, () -> notices.mark(told.id(), true))).isEqualTo(unread - 1);
        decide(sent, Decision.APPROVED);
        assertThat(act(EMPLOYEE, () -> notices.own(0, 10)).items().get(0).text())
                .startsWith("Your Hourly leave from Wednesday, 16 June is approved.");
        assertThat(act(EMPLOYEE, notices::markAll)).isZero();
        assertThat(act(Somebody.ADMINISTRATOR, () -> notices.own(0, 10)).items())
                .isEmpty();
    }

    @Test
    void daysStandWhereTheApproverSaysSo() {
        RequestDetail asked = ask(decide(send(WEDNESDAY), Decision.APPROVED), WEDNESDAY);
        RequestDetail refused = act(
                APPROVER,
                () -> cancelling.refuse(asked.request().id(), asked.request().edits(), "The cover is booked"));
        assertThat(refused.request().cancelAsked()).isEmpty();
        assertThat(refused.request().state()).isEqualTo(RequestState.APPROVED);
        assertThat(refused.history()).last().satisfies(event -> assertThat(event.what())
                .isEqualTo("CANCELLATION_REFUSED"));
        assertThatThrownBy(() -> act(
                        APPROVER,
                        () -> cancelling.refuse(
                                refused.request().id(), refused.request().edits(), "again")))
                .hasMessageContaining("any more");
    }

    @Test
    void whatIsNotApprovedCannotBeAskedToBeCancelled() {
        RequestDetail waiting = send(WEDNESDAY);
        assertThatThrownBy(() -> ask(waiting, WEDNESDAY)).hasMessageContaining("approved");
        RequestDetail approved = decide(waiting, Decision.APPROVED);
        assertThatThrownBy(() -> act(
                        APPROVER,
                        () -> cancelling.ask(
                                approved.request().id(), approved.request().edits(), Set.of(WEDNESDAY), "mine")))
                .isInstanceOf(AccessDeniedException.class);
    }

    private RequestDetail ask(RequestDetail detail, LocalDate day) {
        return act(
                EMPLOYEE,
                () -> cancelling.ask(
                        detail.request().id(), detail.request().edits(), Set.of(day), "The wedding is off"));
    }

    private List<Long> waitingForApprover() {
        return act(APPROVER, () -> requests.queue(RequestQuery.in(Set.of(RequestState.WAITING), 100))).items().stream()
                .map(each -> each.id())
                .toList();
    }

    private RequestDetail send(LocalDate... days) {
        return act(EMPLOYEE, () -> asking.send(draft(null, days)));
    }

    private RequestDetail change(RequestDetail detail, LocalDate... days) {
        long id = detail.request().id();
        return act(EMPLOYEE, () -> asking.change(id, detail.request().edits(), draft(id, days)));
    }

    private RequestDetail decide(RequestDetail detail, Decision decision) {
        Map<LocalDate, Decision> days =
                detail.review().days().stream().collect(Collectors.toMap(DayView::on, day -> decision));
        return act(
                APPROVER,
                () -> deciding.decide(detail.request().id(), detail.request().edits(), days, ""));
    }

    private static RequestDraft draft(Long replaces, LocalDate... days) {
        List<AskedDay> asked = Arrays.stream(days)
                .map(day -> new AskedDay(day, Part.WHOLE, null))
                .toList();
        return new RequestDraft(KERENSA, HOURLY_LEAVE, asked, "", null, null, replaces);
    }

    private <T> T act(SignedIn somebody, Supplier<T> work) {
        return user.actAs(somebody, work);
    }
}
