package upahead.server.requests;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.security.access.AccessDeniedException;
import upahead.core.quantity.Amount;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.accounts.BalanceRow;
import upahead.server.accounts.Balances;
import upahead.server.payruns.PayRuns;
import upahead.server.payruns.WorksheetQuery;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.access.SignedIn;
import upahead.server.platform.mail.Mailbox;
import upahead.server.platform.mail.Message;
import upahead.server.policies.Policies;
import upahead.server.policies.PolicyDetail;
import upahead.server.requests.AskableKinds.AskableKind;
import upahead.server.requests.RequestReview.Problem;
import upahead.server.requests.leave.Decision;
import upahead.server.requests.leave.RequestDraft;
import upahead.server.requests.leave.RequestDraft.AskedDay;
import upahead.server.requests.leave.RequestDraft.Part;
import upahead.server.requests.leave.RequestState;
import upahead.server.requests.leave.RequestSummary;

/** Leave that payroll enters for Kerensa, person 27, on the demo day, Monday 26 April 2027. */
@WithDemo
class EnteredLeaveTest {

    private static final long KERENSA = 27;
    private static final LocalDate TODAY = LocalDate.of(2027, 4, 26);

    @Autowired
    private EnteredLeave entered;

    @Autowired
    private Requests requests;

    @Autowired
    private Deciding deciding;

    @Autowired
    private Asking asking;

    @Autowired
    private AskableKinds kinds;

    @Autowired
    private Balances balances;

    @Autowired
    private Policies policies;

    @Autowired
    private PayRuns runs;

    @Autowired
    private Mailbox mailbox;

    @Autowired
    private CurrentUser user;

    @Test
    void somebodyWhoCalledInSickIsEnteredForTodayAndTold() {
        Amount before = balance("Sick time");
        RequestDetail sick = enter(draft("Sick time", TODAY), "");
        assertThat(sick.request().state()).isEqualTo(RequestState.APPROVED);
        assertThat(balance("Sick time")).isEqualTo(before.minus(Amount.of(8)));
        assertThat(sick.history())
                .extracting(upahead.server.requests.leave.RequestEvent::what)
                .containsExactly("ENTERED");
        assertThat(act(Somebody.employee(KERENSA), mailbox::newest))
                .extracting(Message::subject)
                .first()
                .asString()
                .contains("Your Sick time from Monday, 26 April is approved");
    }

    @Test
    void aDayGoneByOfAClosedPeriodComesBackAsACorrection() {
        LocalDate closed = LocalDate.of(2027, 4, 7);
        enter(draft("Sick time", closed), "");
        long open = act(Somebody.ADMINISTRATOR, () -> runs.ofGroup(1)).get(0).id();
        assertThat(act(Somebody.ADMINISTRATOR, () -> runs.rows(open, WorksheetQuery.everything())))
                .filteredOn(row -> row.personId() == KERENSA && row.policy().equals("Sick time"))
                .singleElement()
                .satisfies(row -> assertThat(row.lines()).anySatisfy(line -> {
                    assertThat(line.about()).isEqualTo(closed);
                    assertThat(line.why()).contains("Sick time of 7 April entered by Ada Payroll");
                }));
    }

    @Test
    void whatARuleSpeaksAgainstNeedsAReason() {
        LocalDate[] weeks =
                Stream.iterate(TODAY, day -> day.plusDays(1)).limit(60).toArray(LocalDate[]::new);
        RequestDraft much = draft("Hourly leave", weeks);
        assertThat(act(Somebody.ADMINISTRATOR, () -> entered.preview(much)).problems())
                .isNotEmpty()
                .allMatch(Problem::passable);
        assertThatThrownBy(() -> enter(much, " ")).hasMessageContaining("Please say why it is entered all the same.");
        RequestDetail all = enter(much, "agreed with the board");
        assertThat(all.history().get(0).message()).isEqualTo("agreed with the board");
    }

    @Test
    void leaveIsEnteredAsWaitingOrDeclinedToo() {
        RequestDraft leave = draft("Hourly leave", TODAY);
        RequestDetail waiting = act(Somebody.ADMINISTRATOR, () -> entered.enter(leave, RequestState.WAITING, ""));
        assertThat(waiting.request().state()).isEqualTo(RequestState.WAITING);
        assertThat(waiting.asked().who()).isEqualTo("Corvin Harnquist");
        RequestDraft later = draft("Hourly leave", TODAY.plusDays(1));
        Amount before = balance("Hourly leave");
        RequestDetail declined = act(Somebody.ADMINISTRATOR, () -> entered.enter(later, RequestState.DECLINED, ""));
        assertThat(declined.request().state()).isEqualTo(RequestState.DECLINED);
        assertThat(balance("Hourly leave")).isEqualTo(before);
        assertThatThrownBy(() -> act(
                        Somebody.ADMINISTRATOR,
                        () -> entered.enter(draft("Hourly leave", TODAY.plusDays(2)), RequestState.CANCELLED, "")))
                .hasMessage("Leave is entered as approved, waiting or declined.");
    }

    @Test
    void onADayWithLeaveAlreadyOtherLeaveNeedsAReason() {
        enter(draft("Sick time", TODAY), "");
        assertThatThrownBy(() -> enter(draft("Hourly leave", TODAY), ""))
                .hasMessage("There is leave on Monday, 26 April already, waiting or approved."
                        + " Please say why it is entered all the same.");
        RequestDetail second = enter(draft("Hourly leave", TODAY), "half of each, as agreed");
        assertThat(second.request().state()).isEqualTo(RequestState.APPROVED);
        assertThat(second.history().get(0).message()).isEqualTo("half of each, as agreed");
    }

    @Test
    void whatCannotBeCannotBePassedEither() {
        assertThatThrownBy(() -> enter(draft("Sick time", LocalDate.of(2000, 4, 26)), "all the same"))
                .hasMessageContaining("None of these days is a working day");
        assertThatThrownBy(
                        () -> act(Somebody.approver(4), () -> entered.enter(draft("Sick time", TODAY.plusDays(1)), "")))
                .isInstanceOf(AccessDeniedException.class);
    }

    @Test
    void aKindThatIsOnlyRecordedHasNoBalanceAnywhereAndGoesToPayroll() {
        RequestReview review = act(Somebody.ADMINISTRATOR, () -> entered.preview(noted("Unpaid leave")));
        assertThat(review.problems()).isEmpty();
        assertThat(review.askable()).isNull();
        assertThat(review.leftAtYearEnd()).isNull();
        assertThat(review.days()).extracting(DayView::left).containsOnlyNulls();
        enter(noted("Unpaid leave"), "");
        assertThat(act(Somebody.employee(KERENSA), () -> balances.of(KERENSA, TODAY)))
                .extracting(BalanceRow::policy)
                .doesNotContain("Unpaid leave", "Unexplained absence");
        assertThatThrownBy(() -> act(
                        Somebody.ADMINISTRATOR,
                        () -> balances.one(KERENSA, policy("Unpaid leave").id(), TODAY)))
                .hasMessage("Unpaid leave is only recorded and has no balance.");
        long run = act(Somebody.ADMINISTRATOR, () -> runs.ofGroup(1)).get(0).id();
        assertThat(act(Somebody.ADMINISTRATOR, () -> runs.rows(run, WorksheetQuery.everything())))
                .filteredOn(row -> row.personId() == KERENSA && row.recordedOnly())
                .allSatisfy(row -> assertThat(row.cautions()).noneMatch(words -> words.contains("below zero")));
    }

    @Test
    void peopleAskForWhatThePolicyLetsThemAskForAndTheUsualKindIsSuggested() {
        List<AskableKind> own = act(Somebody.employee(KERENSA), () -> kinds.of(KERENSA));
        assertThat(own).extracting(AskableKind::policy).contains("Unpaid leave").doesNotContain("Unexplained absence");
        assertThat(own.stream().filter(AskableKind::usual)).hasSize(1);
        assertThat(act(Somebody.ADMINISTRATOR, () -> kinds.of(KERENSA)))
                .extracting(AskableKind::policy)
                .contains("Unexplained absence");
        assertThatThrownBy(() -> act(
                        Somebody.employee(KERENSA), () -> asking.send(draft("Unexplained absence", TODAY.plusDays(8)))))
                .hasMessage("Unexplained absence is entered by payroll; ask them.");
    }

    @Test
    void afterADecisionDayByDayThePersonReadsWhatWasDeclinedWhatItCostsAndWhy() {
        LocalDate first = LocalDate.of(2027, 6, 21);
        RequestDetail sent =
                act(Somebody.employee(KERENSA), () -> asking.send(draft("Hourly leave", first, first.plusDays(1))));
        act(
                Somebody.ADMINISTRATOR,
                () -> deciding.decide(
                        sent.request().id(),
                        sent.request().edits(),
                        Map.of(first, Decision.APPROVED, first.plusDays(1), Decision.DECLINED),
                        "the plant sale"));
        RequestSummary read = act(Somebody.employee(KERENSA), () -> requests.ofPerson(KERENSA)).stream()
                .filter(each -> each.id() == sent.request().id())
                .findFirst()
                .orElseThrow();
        assertThat(read.approved()).isEqualTo(Amount.of(8));
        assertThat(read.declined()).containsExactly(first.plusDays(1));
        assertThat(read.answer()).isEqualTo("the plant sale");
        assertThat(act(Somebody.employee(KERENSA), mailbox::newest).get(0).body())
                .isEqualTo("Ada Payroll: partly approved, 8 hours. Declined: Tuesday, 22 June. the plant sale");
    }

    private RequestDraft noted(String policy) {
        RequestDraft draft = draft(policy, TODAY.plusDays(10), TODAY.plusDays(11));
        return new RequestDraft(KERENSA, draft.policyId(), draft.days(), "moving house");
    }

    private RequestDraft draft(String policy, LocalDate... days) {
        return new RequestDraft(
                KERENSA,
                policy(policy).id(),
                Stream.of(days).map(day -> new AskedDay(day, Part.WHOLE, null)).toList(),
                "");
    }

    private PolicyDetail policy(String name) {
        return policies.all().stream()
                .filter(policy -> policy.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    private Amount balance(String policy) {
        return act(Somebody.ADMINISTRATOR, () -> balances.of(KERENSA, TODAY)).stream()
                .filter(row -> row.policy().equals(policy))
                .findFirst()
                .orElseThrow()
                .balance();
    }

    private RequestDetail enter(RequestDraft draft, String reason) {
        return act(Somebody.ADMINISTRATOR, () -> entered.enter(draft, reason));
    }

    private <T> T act(SignedIn by, Supplier<T> work) {
        return user.actAs(by, work);
    }
}
