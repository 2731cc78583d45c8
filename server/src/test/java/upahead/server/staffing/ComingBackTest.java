package upahead.server.staffing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.function.Supplier;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import upahead.core.policy.EndBalance;
import upahead.core.quantity.Amount;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.accounts.Balances;
import upahead.server.accounts.effects.CoverageChanges;
import upahead.server.employment.EmploymentType;
import upahead.server.employment.NewPerson;
import upahead.server.employment.People;
import upahead.server.employment.Placing;
import upahead.server.enrolment.CoverageEffect.What;
import upahead.server.enrolment.Covering;
import upahead.server.enrolment.Doubled;
import upahead.server.enrolment.Ending;
import upahead.server.enrolment.Enrolled;
import upahead.server.enrolment.Enrolments;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.problems.Refusal;
import upahead.server.policies.Coverage;
import upahead.server.policies.Policies;

/** Somebody who comes back, and a policy that covers others or nobody any more. */
@WithDemo
class ComingBackTest {

    private static final LocalDate TODAY = LocalDate.of(2027, 4, 26);

    private static final LocalDate NEXT_PERIOD = LocalDate.of(2027, 5, 10);

    private static final long KERENSA = 27;

    private static final long HOURLY_LEAVE = 1;

    @Autowired
    private Starters starters;

    @Autowired
    private CoverageChanges coverageChanges;

    @Autowired
    private People people;

    @Autowired
    private Policies policies;

    @Autowired
    private Covering covering;

    @Autowired
    private Enrolments enrolments;

    @Autowired
    private Balances balances;

    @Autowired
    private CurrentUser user;

    @Test
    void somebodyComesBackAsANewEmploymentWithBalancesOfItsOwn() {
        act(() -> starters.leave(KERENSA, LocalDate.of(2027, 3, 31)));
        NewPerson again = again(LocalDate.of(2027, 5, 3));
        Starters.Added back = act(() -> starters.comeBack(KERENSA, again));
        assertThat(back.person().earlierId()).isEqualTo(KERENSA);
        assertThat(people.later(KERENSA)).contains(back.person().id());
        assertThat(open(back.person().id())).contains(HOURLY_LEAVE);
        assertThatThrownBy(() -> act(() -> starters.leave(KERENSA, null))).hasMessageContaining("has come back since");
        assertThatThrownBy(() -> act(() -> starters.comeBack(KERENSA, again)))
                .hasMessage("They have come back already.");
    }

    @Test
    void nobodyComesBackBeforeLeaving() {
        assertThatThrownBy(() -> act(() -> starters.comeBack(KERENSA, again(LocalDate.of(2027, 5, 3)))))
                .isInstanceOfSatisfying(
                        Refusal.class, refusal -> assertThat(refusal.field()).isEqualTo("hired"));
    }

    @Test
    void anotherCoverageEndsAndBeginsEnrolments() {
        Coverage without = new Coverage(
                true,
                List.of(EmploymentType.HOURLY, EmploymentType.SEASONAL),
                null,
                null,
                null,
                null,
                List.of(KERENSA));
        var effects = act(() -> coverageChanges.preview(HOURLY_LEAVE, without, NEXT_PERIOD));
        assertThat(effects.get(0).personId()).isEqualTo(KERENSA);
        assertThat(effects.get(0).left()).isEqualTo(balance(HOURLY_LEAVE, NEXT_PERIOD.minusDays(1)));
        assertThat(effects).filteredOn(effect -> effect.what() == What.BEGINS).hasSize(6);
        assertThatThrownBy(() -> act(() -> covering.cover(HOURLY_LEAVE, without, NEXT_PERIOD, null)))
                .isInstanceOfSatisfying(
                        Refusal.class, refusal -> assertThat(refusal.field()).isEqualTo("endings"));
        act(() -> covering.cover(HOURLY_LEAVE, without, NEXT_PERIOD, new Ending(EndBalance.PAY_OUT, null)));
        assertThat(open(KERENSA)).doesNotContain(HOURLY_LEAVE);
        List<Doubled> pointedOut = act(() -> covering.doubled(NEXT_PERIOD));
        assertThat(pointedOut)
                .filteredOn(each -> each.personId() != KERENSA)
                .hasSize(6)
                .allMatch(each -> each.policies().equals(List.of("Hourly leave", "Seasonal leave")));
        assertThat(pointedOut)
                .filteredOn(each -> each.personId() == KERENSA)
                .extracting(Doubled::sentence)
                .containsExactly("Kerensa Saltonstall is covered by no policy for vacation.");
    }

    @Test
    void aRetiredPolicyEndsForEverybodyAndComesBackAsItWas() {
        Amount before = balance(HOURLY_LEAVE, NEXT_PERIOD);
        act(() -> covering.retire(HOURLY_LEAVE, TODAY, new Ending(EndBalance.LAPSE, null)));
        assertThat(balance(HOURLY_LEAVE, NEXT_PERIOD)).isEqualTo(Amount.ZERO);
        assertThat(act(() -> starters.add(again(NEXT_PERIOD))).enrolments())
                .noneMatch(effect -> effect.policyId() == HOURLY_LEAVE);
        act(() -> covering.bringBack(HOURLY_LEAVE));
        assertThat(balance(HOURLY_LEAVE, NEXT_PERIOD)).isEqualTo(before);
    }

    private NewPerson again(LocalDate hired) {
        Placing placing = people.placing(KERENSA, TODAY);
        return new NewPerson(
                "B127-2",
                "Kerensa Saltonstall",
                null,
                placing.siteId(),
                placing.teamId(),
                placing.employmentType(),
                placing.payGroupId(),
                placing.approverId(),
                hired,
                null,
                hired,
                List.of(8, 8, 8, 8, 8, 0, 0).stream().map(Amount::of).toList(),
                Amount.of(1));
    }

    private List<Long> open(long personId) {
        return enrolments.of(List.of(personId)).stream()
                .filter(each -> each.enrolment().ends().isEmpty())
                .map(Enrolled::policyId)
                .toList();
    }

    private Amount balance(long policyId, LocalDate on) {
        return act(() -> balances.one(KERENSA, policyId, on)).figures().balance();
    }

    private <T> T act(Supplier<T> work) {
        return user.actAs(Somebody.ADMINISTRATOR, work);
    }
}
