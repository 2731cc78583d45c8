package upahead.server.requests;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.function.Supplier;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.security.access.AccessDeniedException;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.employment.People;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.access.Role;
import upahead.server.platform.access.SignedIn;
import upahead.server.platform.daily.DailyWork;
import upahead.server.platform.notices.Notice;
import upahead.server.platform.notices.Notices;
import upahead.server.platform.problems.Refusal;
import upahead.server.policies.Reminding;
import upahead.server.policies.SignOffPaths;
import upahead.server.requests.leave.RequestDraft;
import upahead.server.requests.leave.RequestDraft.AskedDay;
import upahead.server.requests.leave.RequestDraft.Part;
import upahead.server.requests.told.AlsoTold;
import upahead.server.requests.told.ToldOfTeam;

/** Whoever is asked is reminded, can hand a request on, and others can be told of absences. */
@WithDemo
class RemindersTest {

    private static final long HOURLY_LEAVE = 1;
    private static final long KERENSA = 27;
    private static final long MAELLE = 3;
    private static final long CORVIN = 4;
    private static final LocalDate TODAY = LocalDate.of(2027, 4, 26);

    private static final SignedIn ASKING = Somebody.employee(KERENSA);
    private static final SignedIn APPROVER = approver(CORVIN, "Corvin Harnquist");
    private static final SignedIn RECEIVER = approver(MAELLE, "Maelle Pellisow");

    @Autowired
    private Reminders reminders;

    @Autowired
    private DailyWork daily;

    @Autowired
    private SignOffPaths paths;

    @Autowired
    private Asking asking;

    @Autowired
    private EnteredLeave entered;

    @Autowired
    private HandingOn handingOn;

    @Autowired
    private Requests requests;

    @Autowired
    private AlsoTold alsoTold;

    @Autowired
    private People people;

    @Autowired
    private Notices notices;

    @Autowired
    private CurrentUser user;

    @Test
    void whoIsAskedIsRemindedAfterASetTimeAndAgainAfterAsLong() {
        act(Somebody.ADMINISTRATOR, () -> paths.setReminding(new Reminding(4, 0)));
        long id = send(LocalDate.of(2027, 7, 5)).request().id();
        assertThat(remindedOn(TODAY.plusDays(3), id)).isEmpty();
        assertThat(remindedOn(TODAY.plusDays(4), id)).singleElement().satisfies(notice -> assertThat(notice.text())
                .isEqualTo("A request of Kerensa Saltonstall still waits (Hourly leave, 8 hours, 5 July): it has"
                        + " waited since Monday, 26 April."));
        assertThat(remindedOn(TODAY.plusDays(7), id)).hasSize(1);
        assertThat(remindedOn(TODAY.plusDays(8), id)).hasSize(2);
    }

    @Test
    void aReminderComesOnceBeforeThePayPeriodOfTheDaysEnds() {
        act(Somebody.ADMINISTRATOR, () -> paths.setReminding(new Reminding(60, 2)));
        long id = send(LocalDate.of(2027, 4, 29)).request().id();
        LocalDate ends = TODAY;
        while (remindedOn(ends, id).isEmpty()) {
            ends = ends.plusDays(1);
        }
        assertThat(remindedOn(ends, id).get(0).text()).contains("its pay period ends on");
        assertThat(remindedOn(ends.plusDays(1), id)).hasSize(1);
    }

    @Test
    void whatIsDoneOnceADayIsDoneOnce() {
        assertThat(daily.isDue(reminders)).as("the demo's first day is done").isFalse();
    }

    @Test
    void aRequestIsHandedOnAndTheHistorySaysToWhom() {
        RequestDetail sent = send(LocalDate.of(2027, 7, 5));
        long id = sent.request().id();
        assertThat(act(APPROVER, () -> handingOn.receivers(id)))
                .extracting(HandingOn.Receiver::personId)
                .contains(MAELLE)
                .doesNotContain(KERENSA);
        RequestDetail handed =
                act(APPROVER, () -> handingOn.handOn(id, sent.request().edits(), MAELLE, "You know the house"));
        assertThat(handed.history())
                .anySatisfy(event -> assertThat(event.message()).isEqualTo("To Maelle Pellisow. You know the house"));
        assertThat(act(RECEIVER, () -> requests.open(id)).inTurn()).isTrue();
        assertThat(told(RECEIVER, id)).isNotEmpty();
        assertThatThrownBy(() -> act(APPROVER, () -> handingOn.handOn(id, 99, CORVIN, "")))
                .isInstanceOf(AccessDeniedException.class);
    }

    @Test
    void nobodyHandsOnToTheRequesterNorAStaleRequest() {
        RequestDetail sent = send(LocalDate.of(2027, 7, 5));
        long id = sent.request().id();
        int edits = sent.request().edits();
        assertThatThrownBy(() -> act(APPROVER, () -> handingOn.handOn(id, edits, KERENSA, "")))
                .isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> act(APPROVER, () -> handingOn.handOn(id, edits + 5, MAELLE, "")))
                .isInstanceOf(Refusal.class);
    }

    @Test
    void chosenOthersLearnWhoIsAwayAndNotWhy() {
        long team = people.get(KERENSA).teamId();
        act(Somebody.ADMINISTRATOR, () -> alsoTold.set(new ToldOfTeam(team, Set.of(MAELLE))));
        RequestDraft sick = draft(TODAY);
        act(Somebody.ADMINISTRATOR, () -> entered.enter(sick, "called in"));
        assertThat(act(RECEIVER, () -> notices.own(0, 200)).items())
                .filteredOn(notice -> notice.place().equals("/calendar"))
                .extracting(Notice::text)
                .containsExactly("Kerensa Saltonstall is away 26 April.");
    }

    private List<Notice> remindedOn(LocalDate day, long id) {
        reminders.doFor(day);
        return told(APPROVER, id).stream()
                .filter(notice -> notice.text().startsWith("A request of"))
                .toList();
    }

    private List<Notice> told(SignedIn who, long id) {
        return act(who, () -> notices.own(0, 200)).items().stream()
                .filter(notice -> notice.place().equals("/requests/" + id))
                .toList();
    }

    private RequestDetail send(LocalDate day) {
        return act(ASKING, () -> asking.send(draft(day)));
    }

    private static RequestDraft draft(LocalDate day) {
        return new RequestDraft(KERENSA, HOURLY_LEAVE, List.of(new AskedDay(day, Part.WHOLE, null)), "");
    }

    private <T> T act(SignedIn who, Supplier<T> work) {
        return user.actAs(who, work);
    }

    private static SignedIn approver(long person, String name) {
        return new SignedIn(900 + person, "signs" + person, name, Role.APPROVER, person);
    }
}
