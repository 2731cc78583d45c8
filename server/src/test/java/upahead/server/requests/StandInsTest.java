package upahead.server.requests;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.security.access.AccessDeniedException;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.access.Role;
import upahead.server.platform.access.SignIns;
import upahead.server.platform.access.SignedIn;
import upahead.server.platform.problems.Refusal;
import upahead.server.requests.leave.Decision;
import upahead.server.requests.leave.RequestDraft;
import upahead.server.requests.leave.RequestDraft.AskedDay;
import upahead.server.requests.leave.RequestDraft.Part;
import upahead.server.requests.leave.RequestQuery;
import upahead.server.requests.leave.RequestState;
import upahead.server.requests.leave.RequestSummary;
import upahead.server.requests.signing.StandIn;
import upahead.server.requests.signing.StandIns;

/** An approver who is away, has left or asks for leave strands nothing. */
@WithDemo
class StandInsTest {

    private static final long HOURLY_LEAVE = 1;
    private static final long SALARIED_LEAVE = 2;
    private static final long ISAURA = 1;
    private static final long MAELLE = 3;
    private static final long CORVIN = 4;
    private static final long KERENSA = 27;
    private static final LocalDate TODAY = LocalDate.of(2027, 4, 26);

    private static final SignedIn ASKING = Somebody.employee(KERENSA);
    private static final SignedIn APPROVER = approver(CORVIN, "Corvin Harnquist");
    private static final SignedIn STAND_IN = approver(MAELLE, "Maelle Pellisow");
    private static final SignedIn NEXT_HIGHER = approver(ISAURA, "Isaura Tolkarn");

    @Autowired
    private StandIns standIns;

    @Autowired
    private Asking asking;

    @Autowired
    private Deciding deciding;

    @Autowired
    private EnteredLeave entered;

    @Autowired
    private Requests requests;

    @Autowired
    private SignIns signIns;

    @Autowired
    private CurrentUser user;

    @Test
    void aStandInDecidesAndTheHistorySaysWhy() {
        act(APPROVER, () -> standIns.name(CORVIN, MAELLE, TODAY, TODAY.plusDays(9)));
        RequestDetail sent = send(ASKING, KERENSA, HOURLY_LEAVE);
        assertThat(sent.asked().who()).isEqualTo("Maelle Pellisow");
        assertThat(sent.history()).last().satisfies(event -> assertThat(event.message())
                .isEqualTo(
                        "Maelle Pellisow stands in for Corvin Harnquist until 5 May." + " Asked is Maelle Pellisow."));
        assertThat(queue(STAND_IN)).contains(sent.request().id());
        assertThat(queue(NEXT_HIGHER)).doesNotContain(sent.request().id());
        RequestDetail decided = approve(STAND_IN, sent);
        assertThat(decided.request().state()).isEqualTo(RequestState.APPROVED);
        assertThat(decided.signOffs().get(0).signedBy()).isEqualTo("Maelle Pellisow");
    }

    @Test
    void whoIsMeantMaySignAllTheSame() {
        act(APPROVER, () -> standIns.name(CORVIN, MAELLE, TODAY, TODAY));
        assertThat(approve(APPROVER, send(ASKING, KERENSA, HOURLY_LEAVE))
                        .request()
                        .state())
                .isEqualTo(RequestState.APPROVED);
    }

    @Test
    void aStandInTakenBackSignsNoMore() {
        List<StandIn> named = act(APPROVER, () -> standIns.name(CORVIN, MAELLE, TODAY, TODAY));
        RequestDetail sent = send(ASKING, KERENSA, HOURLY_LEAVE);
        assertThat(act(APPROVER, () -> standIns.remove(CORVIN, named.get(0).id())))
                .isEmpty();
        assertThatThrownBy(() -> approve(STAND_IN, sent)).isInstanceOf(AccessDeniedException.class);
    }

    @Test
    void theNextHigherIsAskedWhileAnApproverIsAway() {
        RequestDraft sick =
                new RequestDraft(CORVIN, SALARIED_LEAVE, List.of(new AskedDay(TODAY, Part.WHOLE, null)), "");
        act(Somebody.ADMINISTRATOR, () -> entered.enter(sick, "called in"));
        RequestDetail sent = send(ASKING, KERENSA, HOURLY_LEAVE);
        assertThat(sent.asked().because()).isEqualTo("Corvin Harnquist is away. Asked is Isaura Tolkarn.");
        assertThat(approve(NEXT_HIGHER, sent).request().state()).isEqualTo(RequestState.APPROVED);
    }

    @Test
    void theAdministratorsAreAskedWhereNobodyElseIsLeft() {
        act(Somebody.ADMINISTRATOR, () -> signIns.change(CORVIN, Role.APPROVER, false));
        act(Somebody.ADMINISTRATOR, () -> signIns.change(ISAURA, Role.EMPLOYEE, true));
        RequestDetail sent = send(ASKING, KERENSA, HOURLY_LEAVE);
        assertThat(sent.asked().personId()).isNull();
        assertThat(sent.asked().because())
                .isEqualTo("Corvin Harnquist has no sign-in to decide with; Isaura Tolkarn has no sign-in to decide"
                        + " with. Asked is any administrator.");
        RequestDetail decided = approve(Somebody.ADMINISTRATOR, sent);
        assertThat(decided.history()).last().satisfies(event -> assertThat(event.what())
                .isEqualTo("APPROVED"));
    }

    @Test
    void nobodyStandsInForTheirOwnRequest() {
        act(Somebody.ADMINISTRATOR, () -> standIns.name(ISAURA, CORVIN, TODAY, TODAY));
        RequestDetail sent = send(APPROVER, CORVIN, SALARIED_LEAVE);
        assertThat(sent.asked().personId()).isNull();
        assertThatThrownBy(() -> approve(APPROVER, sent)).isInstanceOf(AccessDeniedException.class);
    }

    @Test
    void whatCannotBeIsRefused() {
        assertThatThrownBy(() -> act(APPROVER, () -> standIns.name(CORVIN, MAELLE, TODAY, TODAY.minusDays(1))))
                .isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> act(APPROVER, () -> standIns.name(CORVIN, KERENSA, TODAY, TODAY)))
                .hasMessageContaining("signs in and decides");
        assertThatThrownBy(() -> act(APPROVER, () -> standIns.name(MAELLE, CORVIN, TODAY, TODAY)))
                .isInstanceOf(AccessDeniedException.class);
        act(APPROVER, () -> standIns.name(CORVIN, MAELLE, TODAY, TODAY.plusDays(3)));
        assertThatThrownBy(
                        () -> act(APPROVER, () -> standIns.name(CORVIN, ISAURA, TODAY.plusDays(3), TODAY.plusDays(5))))
                .hasMessage("Maelle Pellisow stands in from 26 April to 29 April already.");
    }

    private RequestDetail send(SignedIn by, long personId, long policyId) {
        RequestDraft draft = new RequestDraft(
                personId, policyId, List.of(new AskedDay(LocalDate.of(2027, 6, 16), Part.WHOLE, null)), "");
        return act(by, () -> asking.send(draft));
    }

    private RequestDetail approve(SignedIn by, RequestDetail detail) {
        return act(
                by,
                () -> deciding.decide(
                        detail.request().id(),
                        detail.request().edits(),
                        detail.review().days().stream()
                                .collect(Collectors.toMap(day -> day.on(), day -> Decision.APPROVED)),
                        ""));
    }

    private List<Long> queue(SignedIn by) {
        return act(by, () -> requests.queue(RequestQuery.in(Set.of(RequestState.WAITING), 100))).items().stream()
                .map(RequestSummary::id)
                .toList();
    }

    private static SignedIn approver(long personId, String name) {
        return new SignedIn(700 + personId, "approver" + personId, name, Role.APPROVER, personId);
    }

    private <T> T act(SignedIn somebody, Supplier<T> work) {
        return user.actAs(somebody, work);
    }
}
