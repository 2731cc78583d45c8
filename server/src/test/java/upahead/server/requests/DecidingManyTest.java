package upahead.server.requests;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.function.Supplier;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.access.SignedIn;
import upahead.server.platform.problems.Refusal;
import upahead.server.requests.DecidingMany.Chosen;
import upahead.server.requests.DecidingMany.Prospect;
import upahead.server.requests.leave.Decision;
import upahead.server.requests.leave.RequestDraft;
import upahead.server.requests.leave.RequestDraft.AskedDay;
import upahead.server.requests.leave.RequestDraft.Part;
import upahead.server.requests.leave.RequestState;

/** Many requests decided alike: what will happen is told beforehand, and each stands or falls by itself. */
@WithDemo
class DecidingManyTest {

    private static final long HOURLY_LEAVE = 1;
    private static final long KERENSA = 27;
    private static final long NOBODY = 77_777;
    private static final SignedIn APPROVER = Somebody.approver(4);

    @Autowired
    private DecidingMany many;

    @Autowired
    private Asking asking;

    @Autowired
    private Requests requests;

    @Autowired
    private CurrentUser user;

    @Test
    void theOthersAreDecidedWhereOneCannotBe() {
        RequestDetail first = send("2027-06-16");
        RequestDetail second = send("2027-06-17");
        RequestDetail withdrawn = send("2027-06-18");
        act(
                Somebody.employee(KERENSA),
                () -> asking.withdraw(withdrawn.request().id(), 0));
        List<Long> ids = List.of(
                first.request().id(), withdrawn.request().id(), second.request().id(), NOBODY);

        List<Prospect> prospects = act(APPROVER, () -> many.prospects(ids));
        assertThat(prospects)
                .extracting(Prospect::hindered)
                .containsExactly(null, "It is withdrawn already.", null, "There is no such request.");
        assertThat(prospects.get(0).what()).isEqualTo("Hourly leave, 8 hours, 16 June");

        List<Chosen> chosen = prospects.stream()
                .map(each -> new Chosen(each.id(), each.seenEdits()))
                .toList();
        assertThat(act(APPROVER, () -> many.decide(chosen, Decision.APPROVED, "fine")))
                .extracting(Prospect::hindered)
                .containsExactly(null, "It is withdrawn already.", null, "There is no such request.");
        assertThat(state(first)).isEqualTo(RequestState.APPROVED);
        assertThat(state(second)).isEqualTo(RequestState.APPROVED);
        assertThat(state(withdrawn)).isEqualTo(RequestState.WITHDRAWN);
    }

    @Test
    void oneThatWaitsForSomebodyElseIsLeftAlone() {
        RequestDetail sent = send("2027-06-16");
        List<Prospect> seen = act(
                Somebody.ADMINISTRATOR,
                () -> many.prospects(List.of(sent.request().id())));
        assertThat(seen.get(0).hindered()).isEqualTo("It waits for somebody else; open it to decide over the top.");
        List<Chosen> chosen = List.of(new Chosen(sent.request().id(), 0));
        act(Somebody.ADMINISTRATOR, () -> many.decide(chosen, Decision.DECLINED, ""));
        assertThat(state(sent)).isEqualTo(RequestState.WAITING);
        assertThat(act(
                        Somebody.approver(3),
                        () -> many.prospects(List.of(sent.request().id()))))
                .extracting(Prospect::hindered)
                .containsExactly("It is not yours to decide.");
    }

    @Test
    void oneChangedMeanwhileStaysAsItIs() {
        RequestDetail sent = send("2027-06-16");
        List<Chosen> stale = List.of(new Chosen(sent.request().id(), 9));
        assertThat(act(APPROVER, () -> many.decide(stale, Decision.APPROVED, ""))
                        .get(0)
                        .hindered())
                .contains("meanwhile");
        assertThat(state(sent)).isEqualTo(RequestState.WAITING);
        assertThatThrownBy(() -> act(APPROVER, () -> many.decide(stale, Decision.CANCELLED, "")))
                .isInstanceOf(Refusal.class);
    }

    private RequestState state(RequestDetail of) {
        return act(Somebody.ADMINISTRATOR, () -> requests.open(of.request().id()))
                .request()
                .state();
    }

    private RequestDetail send(String day) {
        RequestDraft draft = new RequestDraft(
                KERENSA, HOURLY_LEAVE, List.of(new AskedDay(LocalDate.parse(day), Part.WHOLE, null)), "");
        return act(Somebody.employee(KERENSA), () -> asking.send(draft));
    }

    private <T> T act(SignedIn somebody, Supplier<T> work) {
        return user.actAs(somebody, work);
    }
}
