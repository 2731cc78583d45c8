package upahead.server.accounts.effects;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.security.access.AccessDeniedException;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.accounts.Balances;
import upahead.server.employment.EmploymentChanges;
import upahead.server.employment.EmploymentHistory.ScheduleFrom;
import upahead.server.employment.People;
import upahead.server.enrolment.SampleRehearsal.Rehearsed;
import upahead.server.enrolment.SampleRehearsal.SampleLine;
import upahead.server.platform.access.CurrentUser;
import upahead.server.policies.Policies;
import upahead.server.policies.PolicyVersion;
import upahead.server.policies.VersionState;
import upahead.written.WrittenTerms;

/** The text of hourly leave, policy 1, tried with people of the demo from the demo day on. */
@WithDemo
class RealPersonTest {

    private static final long HOURLY_LEAVE = 1;
    private static final long SALARIED_LEAVE = 2;
    private static final long KERENSA = 27;
    private static final long THADEO = 16;
    private static final LocalDate TODAY = LocalDate.of(2027, 4, 26);

    @Autowired
    private RealPerson realPerson;

    @Autowired
    private Policies policies;

    @Autowired
    private People people;

    @Autowired
    private Balances balances;

    @Autowired
    private EmploymentChanges employments;

    @Autowired
    private CurrentUser user;

    @Test
    void underTheWordsInForceItIsWhatTheBalanceForecasts() {
        Rehearsed rehearsed = rehearse(KERENSA, HOURLY_LEAVE, terms(HOURLY_LEAVE));
        LocalDate last = TODAY.plusYears(2).minusDays(1);
        assertThat(rehearsed.closing()).isEqualTo(forecast(KERENSA, HOURLY_LEAVE, last));
        assertThat(Amount.sum(rehearsed.lines().stream().map(SampleLine::amount).toList()))
                .isEqualTo(rehearsed.closing().minus(rehearsed.opening()));
        assertThat(rehearsed.lines()).allSatisfy(line -> assertThat(line.on()).isBetween(TODAY, last));
    }

    @Test
    void whoIsNotEnrolledBeginsWithNothingToday() {
        Rehearsed rehearsed = rehearse(people.get(THADEO).id(), HOURLY_LEAVE, terms(HOURLY_LEAVE));
        assertThat(rehearsed.opening()).isEqualTo(Amount.ZERO);
        assertThat(rehearsed.closing().isPositive()).isTrue();
    }

    @Test
    void aPolicyThatIsNotKeptYetIsTriedAllTheSame() {
        Rehearsed kept = rehearse(THADEO, HOURLY_LEAVE, terms(HOURLY_LEAVE));
        assertThat(rehearse(THADEO, null, terms(HOURLY_LEAVE)).closing()).isEqualTo(kept.closing());
    }

    @Test
    void itFollowsThePersonsOwnSchedule() {
        Amount before = rehearse(KERENSA, null, terms(HOURLY_LEAVE)).earned();
        user.actAs(Somebody.ADMINISTRATOR, () -> {
            employments.changeFte(KERENSA, TODAY, Amount.of("0.5"));
            employments.changeSchedule(
                    KERENSA,
                    new ScheduleFrom(
                            TODAY,
                            List.of(4, 4, 4, 4, 4, 0, 0).stream()
                                    .map(Amount::of)
                                    .toList(),
                            List.of()));
            return null;
        });
        assertThat(rehearse(KERENSA, null, terms(HOURLY_LEAVE)).earned()).isLessThan(before);
    }

    @Test
    void anotherTextShowsAtOnceAndChangesNothing() {
        Amount before = forecast(THADEO, SALARIED_LEAVE, TODAY.plusYears(1));
        WrittenTerms draft = policies.get(SALARIED_LEAVE).versions().stream()
                .filter(version -> version.state() == VersionState.DRAFT)
                .findFirst()
                .map(PolicyVersion::terms)
                .orElseThrow();
        assertThat(rehearse(THADEO, SALARIED_LEAVE, draft).closing())
                .isNotEqualTo(
                        rehearse(THADEO, SALARIED_LEAVE, terms(SALARIED_LEAVE)).closing());
        assertThat(forecast(THADEO, SALARIED_LEAVE, TODAY.plusYears(1))).isEqualTo(before);
    }

    @Test
    void nobodyTriesItWithColleagues() {
        assertThatThrownBy(() -> user.actAs(
                        Somebody.approver(4),
                        () -> realPerson.rehearse(new RealPerson.Question(
                                KERENSA, HOURLY_LEAVE, Unit.HOURS, "01-01", terms(HOURLY_LEAVE), null))))
                .isInstanceOf(AccessDeniedException.class);
    }

    private Amount forecast(long person, long policy, LocalDate on) {
        return user.actAs(Somebody.ADMINISTRATOR, () -> balances.of(person, on)).stream()
                .filter(row -> row.policyId() == policy)
                .findFirst()
                .orElseThrow()
                .balance();
    }

    private WrittenTerms terms(long policy) {
        return policies.get(policy).versions().stream()
                .filter(version -> version.state() == VersionState.IN_FORCE)
                .reduce((earlier, later) -> later)
                .orElseThrow()
                .terms();
    }

    private Rehearsed rehearse(long person, Long policy, WrittenTerms terms) {
        Unit unit = policy == null ? Unit.HOURS : policies.get(policy).unit();
        return user.actAs(
                Somebody.ADMINISTRATOR,
                () -> realPerson.rehearse(new RealPerson.Question(person, policy, unit, "01-01", terms, null)));
    }
}
