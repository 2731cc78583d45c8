package upahead.server.requests;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.function.Supplier;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.security.access.AccessDeniedException;
import upahead.core.quantity.Amount;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.accounts.Balances;
import upahead.server.accounts.OwnTermsView;
import upahead.server.employment.People;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.access.SignedIn;
import upahead.server.requests.leave.RequestDraft;
import upahead.server.requests.leave.RequestDraft.AskedDay;
import upahead.server.requests.leave.RequestDraft.Part;
import upahead.server.requests.team.MyTeam;
import upahead.server.requests.team.MyYear;
import upahead.server.requests.team.TeamMember;
import upahead.server.requests.team.YearView;

/** What an approver sees of the team, and somebody of their own year and terms. */
@WithDemo
class TeamAndYearTest {

    private static final long HOURLY_LEAVE = 1;
    private static final long CORVIN = 4;
    private static final long KERENSA = 27;
    private static final LocalDate TODAY = LocalDate.of(2027, 4, 26);
    private static final SignedIn HERSELF = Somebody.employee(KERENSA);

    @Autowired
    private MyTeam team;

    @Autowired
    private MyYear year;

    @Autowired
    private Balances balances;

    @Autowired
    private Asking asking;

    @Autowired
    private EnteredLeave entered;

    @Autowired
    private People people;

    @Autowired
    private CurrentUser user;

    @Test
    void anApproverSeesThePeopleAssignedWithBalancesAndWhatTheyTook() {
        List<TeamMember> shown = act(Somebody.approver(CORVIN), () -> team.on(TODAY));
        assertThat(shown).isNotEmpty().allSatisfy(member -> assertThat(
                        people.get(member.personId()).approverId())
                .isEqualTo(CORVIN));
        TeamMember kerensa = member(shown);
        assertThat(kerensa.balances()).extracting("policy").contains("Hourly leave", "Sick time");
        assertThat(kerensa.daysTaken()).isEqualTo(4);
        assertThat(kerensa.nextAway()).isNull();
    }

    @Test
    void whatIsEnteredStandsInTheTeamAtOnce() {
        act(Somebody.ADMINISTRATOR, () -> entered.enter(draft(TODAY.plusDays(1)), "called in"));
        TeamMember kerensa = member(act(Somebody.approver(CORVIN), () -> team.on(TODAY)));
        assertThat(kerensa.nextAway()).isEqualTo(TODAY.plusDays(1));
    }

    @Test
    void nobodyElseSeesATeam() {
        assertThatThrownBy(() -> act(HERSELF, () -> team.on(TODAY))).isInstanceOf(AccessDeniedException.class);
        assertThat(act(Somebody.ADMINISTRATOR, () -> team.on(TODAY))).isEmpty();
    }

    @Test
    void aYearHasLeaveHolidaysAndProtectedDatesWithTotals() {
        act(HERSELF, () -> asking.send(draft(LocalDate.of(2027, 7, 5))));
        YearView shown = act(HERSELF, () -> year.of(KERENSA, LocalDate.of(2027, 1, 15)));
        assertThat(shown.first()).isEqualTo(LocalDate.of(2027, 1, 1));
        assertThat(shown.last()).isEqualTo(LocalDate.of(2027, 12, 31));
        assertThat(day(shown, LocalDate.of(2027, 5, 3)).holiday()).isEqualTo("Early May holiday");
        assertThat(day(shown, LocalDate.of(2027, 5, 22)).protectedFor()).isEqualTo("Spring plant sale");
        assertThat(day(shown, LocalDate.of(2027, 7, 5)).leave())
                .singleElement()
                .satisfies(leave -> assertThat(leave.approved()).isFalse());
        assertThat(shown.totals())
                .filteredOn(total -> total.policyId() == HOURLY_LEAVE)
                .singleElement()
                .satisfies(total -> assertThat(total.approved()).isEqualTo(Amount.of(24)))
                .satisfies(total -> assertThat(total.waiting()).isEqualTo(Amount.of(8)));
    }

    @Test
    void theYearOfAStrangerIsNotShown() {
        assertThatThrownBy(() -> act(HERSELF, () -> year.of(CORVIN, TODAY))).isInstanceOf(AccessDeniedException.class);
        assertThatThrownBy(() -> act(HERSELF, () -> balances.terms(CORVIN, TODAY)))
                .isInstanceOf(AccessDeniedException.class);
    }

    @Test
    void termsAreSaidAsTheyHoldForOnePerson() {
        List<OwnTermsView> terms = act(HERSELF, () -> balances.terms(KERENSA, TODAY));
        assertThat(terms)
                .filteredOn(each -> each.policyId() == HOURLY_LEAVE)
                .singleElement()
                .satisfies(each -> assertThat(each.sentences())
                        .contains("1.3 hours for every 23 hours worked (from 4 years of service on)."));
    }

    private static TeamMember member(List<TeamMember> team) {
        return team.stream()
                .filter(member -> member.personId() == KERENSA)
                .findFirst()
                .orElseThrow();
    }

    private static YearView.YearDay day(YearView year, LocalDate on) {
        return year.days().stream()
                .filter(day -> day.on().equals(on))
                .findFirst()
                .orElseThrow();
    }

    private static RequestDraft draft(LocalDate day) {
        return new RequestDraft(KERENSA, HOURLY_LEAVE, List.of(new AskedDay(day, Part.WHOLE, null)), "");
    }

    private <T> T act(SignedIn who, Supplier<T> work) {
        return user.actAs(who, work);
    }
}
