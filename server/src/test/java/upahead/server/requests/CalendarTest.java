package upahead.server.requests;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import upahead.core.quantity.Amount;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.access.SignedIn;
import upahead.server.platform.problems.Refusal;
import upahead.server.requests.absences.AbsenceCalendar;
import upahead.server.requests.absences.AbsenceCalendar.Question;
import upahead.server.requests.absences.CalendarView;
import upahead.server.requests.absences.CalendarView.BandDay;
import upahead.server.requests.absences.CalendarView.TeamBand;
import upahead.server.requests.absences.TeamNeed;
import upahead.server.requests.absences.TeamNeeds;
import upahead.server.requests.absences.TeamPeople;
import upahead.server.requests.absences.TeamPeople.AbsentDay;
import upahead.server.requests.leave.RequestDraft;
import upahead.server.requests.leave.RequestDraft.AskedDay;
import upahead.server.requests.leave.RequestDraft.Part;

/** The shared calendar as different people see it, and minimum staffing where leave is asked for. */
@WithDemo
class CalendarTest {

    private static final long HOURLY_LEAVE = 1;
    private static final long SICK_TIME = 3;
    private static final long KERENSA = 27;
    private static final long PETREL = 32;
    private static final SignedIn EMPLOYEE = Somebody.employee(KERENSA);
    private static final SignedIn APPROVER = Somebody.approver(4);
    private static final SignedIn STRANGER = Somebody.employee(47);
    private static final LocalDate FRIDAY = LocalDate.of(2027, 4, 30);
    private static final LocalDate HOLIDAY = LocalDate.of(2027, 5, 3);
    private static final LocalDate TUESDAY = LocalDate.of(2027, 5, 4);

    @Autowired
    private AbsenceCalendar calendar;

    @Autowired
    private TeamNeeds needs;

    @Autowired
    private Asking asking;

    @Autowired
    private EnteredLeave entered;

    @Autowired
    private CurrentUser user;

    @Test
    void aTeamIsCountedByWhoIsScheduledAndWhoIsAway() {
        enter(KERENSA, HOURLY_LEAVE, FRIDAY, Part.HALF);
        BandDay friday = day(Somebody.ADMINISTRATOR, "Grounds", FRIDAY).orElseThrow();
        assertThat(friday.scheduled()).isEqualTo(11);
        assertThat(friday.away()).isEqualTo(Amount.of("1.5"));
        assertThat(day(Somebody.ADMINISTRATOR, "Grounds", HOLIDAY).orElseThrow().scheduled())
                .isZero();
        assertThat(look(Somebody.ADMINISTRATOR).days())
                .filteredOn(each -> each.on().equals(HOLIDAY))
                .singleElement()
                .satisfies(each -> assertThat(each.holidays()).containsExactly("Early May holiday"));
    }

    @Test
    void whatWaitsIsSeenByWhoeverDecidesAlone() {
        assertThat(day(APPROVER, "Grounds", TUESDAY).orElseThrow().waiting()).isEqualTo(Amount.ONE);
        assertThat(day(EMPLOYEE, "Grounds", TUESDAY).orElseThrow().waiting()).isEqualTo(Amount.ZERO);
        assertThat(of(APPROVER, PETREL))
                .filteredOn(each -> each.on().equals(TUESDAY))
                .singleElement()
                .satisfies(each -> {
                    assertThat(each.approved()).isFalse();
                    assertThat(each.requestId()).isNotNull();
                });
    }

    @Test
    void nobodyLearnsTheKindThatAPolicyHides() {
        enter(PETREL, SICK_TIME, FRIDAY, Part.WHOLE);
        enter(PETREL, HOURLY_LEAVE, FRIDAY.minusDays(1), Part.WHOLE);
        assertThat(of(APPROVER, PETREL)).extracting(AbsentDay::kind).contains("Sick time", "Hourly leave");
        assertThat(of(EMPLOYEE, PETREL)).singleElement().satisfies(each -> {
            assertThat(each.on()).isEqualTo(FRIDAY.minusDays(1));
            assertThat(each.kind()).isNull();
            assertThat(each.requestId()).isNull();
        });
        assertThat(act(EMPLOYEE, () -> calendar.open(team(EMPLOYEE, "Grounds"), question(SICK_TIME)))
                        .people())
                .allSatisfy(person -> assertThat(person.days()).isEmpty());
    }

    @Test
    void anEmployeeSeesTheOwnTeamAndNoOther() {
        assertThat(look(EMPLOYEE).teams()).extracting(TeamBand::team).contains("Grounds");
        assertThat(day(STRANGER, "Grounds", FRIDAY)).isEmpty();
        assertThat(look(Somebody.ADMINISTRATOR).teams()).hasSize(7);
    }

    @Test
    void fewerThanAreNeededIsSaidBeforeSendingAndTakesAReason() {
        act(
                Somebody.ADMINISTRATOR,
                () -> needs.set(
                        new TeamNeed(team(Somebody.ADMINISTRATOR, "Grounds"), List.of(10, 10, 10, 10, 10, 0, 0))));
        assertThat(act(EMPLOYEE, () -> asking.preview(draft(FRIDAY, ""))).problems())
                .singleElement()
                .satisfies(problem -> {
                    assertThat(problem.message())
                            .isEqualTo("Friday, 30 April: of Grounds 9 would be there, and 10 are needed.");
                    assertThat(problem.withNote()).isTrue();
                });
        assertThatThrownBy(() -> act(EMPLOYEE, () -> asking.send(draft(FRIDAY, ""))))
                .isInstanceOfSatisfying(
                        Refusal.class, refusal -> assertThat(refusal.field()).isEqualTo("note"));
        RequestDetail sent = act(EMPLOYEE, () -> asking.send(draft(FRIDAY, "My sister moves")));
        assertThat(sent.review().problems()).hasSize(1);
        assertThat(day(APPROVER, "Grounds", FRIDAY).orElseThrow().isShort()).isFalse();
        assertThat(act(EMPLOYEE, () -> asking.preview(draft(LocalDate.of(2027, 6, 18), "")))
                        .problems())
                .isEmpty();
    }

    @Test
    void theCalendarShowsSoManyDaysAndNoMore() {
        assertThatThrownBy(() -> Question.of(FRIDAY, FRIDAY.plusDays(100), null, null))
                .hasMessageContaining("100 days");
        assertThatThrownBy(() -> Question.of(FRIDAY, FRIDAY.minusDays(1), null, null))
                .isInstanceOf(Refusal.class);
    }

    @Test
    void itsTeamsComePageByPage() {
        CalendarView all = look(Somebody.ADMINISTRATOR);
        List<CalendarView> pages =
                act(Somebody.ADMINISTRATOR, () -> IntStream.range(0, all.teams().size() / 3 + 2)
                        .mapToObj(page -> calendar.look(question(null), page, 3))
                        .toList());
        assertThat(pages.stream().flatMap(page -> page.teams().stream())).containsExactlyElementsOf(all.teams());
        assertThat(pages).allSatisfy(page -> assertThat(page.allTeams())
                .isEqualTo(all.teams().size())
                .isGreaterThan(3));
    }

    private void enter(long personId, long policyId, LocalDate on, Part part) {
        RequestDraft leave = new RequestDraft(personId, policyId, List.of(new AskedDay(on, part, null)), "");
        act(Somebody.ADMINISTRATOR, () -> entered.enter(leave, "agreed"));
    }

    private static RequestDraft draft(LocalDate on, String note) {
        return new RequestDraft(KERENSA, HOURLY_LEAVE, List.of(new AskedDay(on, Part.WHOLE, null)), note);
    }

    private CalendarView look(SignedIn somebody) {
        return act(somebody, () -> calendar.look(question(null)));
    }

    private static Question question(Long policyId) {
        return Question.of(FRIDAY.minusDays(4), FRIDAY.plusDays(9), null, policyId);
    }

    private Optional<BandDay> day(SignedIn somebody, String team, LocalDate on) {
        CalendarView view = look(somebody);
        int at = view.days().stream().map(CalendarView.CalendarDay::on).toList().indexOf(on);
        return view.teams().stream()
                .filter(each -> each.team().equals(team))
                .map(each -> each.days().get(at))
                .findFirst();
    }

    private long team(SignedIn somebody, String name) {
        return look(somebody).teams().stream()
                .filter(each -> each.team().equals(name))
                .findFirst()
                .orElseThrow()
                .teamId();
    }

    private List<AbsentDay> of(SignedIn somebody, long personId) {
        TeamPeople team = act(somebody, () -> calendar.open(team(somebody, "Grounds"), question(null)));
        return team.people().stream()
                .filter(each -> each.personId() == personId)
                .findFirst()
                .orElseThrow()
                .days();
    }

    private <T> T act(SignedIn somebody, Supplier<T> work) {
        return user.actAs(somebody, work);
    }
}
