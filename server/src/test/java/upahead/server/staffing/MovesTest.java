package upahead.server.staffing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import upahead.core.policy.EndBalance;
import upahead.core.quantity.Amount;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.accounts.Balances;
import upahead.server.accounts.Outlook;
import upahead.server.employment.EmploymentType;
import upahead.server.employment.People;
import upahead.server.employment.PeopleQuery;
import upahead.server.employment.Person;
import upahead.server.employment.Placing;
import upahead.server.enrolment.CoverageEffect.What;
import upahead.server.enrolment.Ending;
import upahead.server.enrolment.Enrolled;
import upahead.server.enrolment.Enrolments;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.problems.Refusal;

/** Moving people, what that does to their policies, and other people to cover. */
@WithDemo
class MovesTest {

    private static final LocalDate TODAY = LocalDate.of(2027, 4, 26);

    private static final LocalDate NEXT_PERIOD = LocalDate.of(2027, 5, 10);

    private static final long KERENSA = 27;

    private static final long HOURLY_LEAVE = 1;

    private static final long SALARIED_LEAVE = 2;

    private static final long SICK = 3;

    @Autowired
    private Moves moves;

    @Autowired
    private People people;

    @Autowired
    private Enrolments enrolments;

    @Autowired
    private Balances balances;

    @Autowired
    private CurrentUser user;

    @Test
    void itIsSaidBeforehandWhatEndsWithHowMuchLeft() {
        List<EffectView> effects = act(() -> moves.preview(KERENSA, TODAY, salaried(people.placing(KERENSA, TODAY))));
        assertThat(effects)
                .filteredOn(effect -> effect.policyId() == HOURLY_LEAVE)
                .singleElement()
                .satisfies(effect -> {
                    assertThat(effect.what()).isEqualTo(What.ENDS);
                    assertThat(effect.on()).isEqualTo(TODAY.minusDays(1));
                    assertThat(effect.left()).isEqualTo(balance(HOURLY_LEAVE, TODAY.minusDays(1)));
                    assertThat(effect.suggested().balance()).isEqualTo(EndBalance.PAY_OUT);
                });
        assertThat(effects)
                .filteredOn(effect -> effect.policyId() == SALARIED_LEAVE)
                .singleElement()
                .satisfies(effect -> assertThat(effect.what()).isEqualTo(What.BEGINS));
    }

    @Test
    void whatIsLeftGoesOnWhereItIsChosenTo() {
        Amount left = balance(HOURLY_LEAVE, NEXT_PERIOD.minusDays(1));
        Amount sick = balance(SICK, NEXT_PERIOD.minusDays(1));
        act(() -> {
            moves.make(
                    KERENSA,
                    NEXT_PERIOD,
                    salaried(people.placing(KERENSA, TODAY)),
                    Map.of(HOURLY_LEAVE, new Ending(EndBalance.MOVE, SICK)));
            return null;
        });
        assertThat(balance(HOURLY_LEAVE, NEXT_PERIOD)).isEqualTo(Amount.ZERO);
        assertThat(balance(SICK, NEXT_PERIOD).minus(sick)).isEqualTo(left);
        assertThat(open(KERENSA)).contains(SALARIED_LEAVE).doesNotContain(HOURLY_LEAVE);
    }

    @Test
    void aMoveTakenBackLeavesEverythingAsItWas() {
        List<Long> before = open(KERENSA);
        Amount balance = balance(HOURLY_LEAVE, NEXT_PERIOD);
        act(() -> {
            moves.make(KERENSA, NEXT_PERIOD, salaried(people.placing(KERENSA, TODAY)), Map.of());
            moves.takeBack(KERENSA, NEXT_PERIOD);
            return null;
        });
        assertThat(open(KERENSA)).containsExactlyInAnyOrderElementsOf(before);
        assertThat(balance(HOURLY_LEAVE, NEXT_PERIOD)).isEqualTo(balance);
        assertThat(people.placements(List.of(KERENSA)).get(KERENSA)).hasSize(1);
    }

    @Test
    void thePayGroupChangesBetweenTwoOpenPeriodsOnly() {
        Placing before = people.placing(KERENSA, TODAY);
        Placing after = new Placing(before.siteId(), before.teamId(), before.employmentType(), 2, before.approverId());
        assertThatThrownBy(() -> act(() -> moves.preview(KERENSA, LocalDate.of(2027, 4, 28), after)))
                .hasMessage(
                        "The pay group can change from the first day of a period of Hourly staff on: 26 April 2027 or"
                                + " 10 May 2027.");
        assertThatThrownBy(() -> act(() -> moves.preview(KERENSA, LocalDate.of(2027, 2, 1), after)))
                .isInstanceOfSatisfying(
                        Refusal.class, refusal -> assertThat(refusal.field()).isEqualTo("from"))
                .hasMessageContaining("is closed through");
        act(() -> {
            moves.make(KERENSA, NEXT_PERIOD, after, Map.of());
            return null;
        });
        assertThat(people.search(PeopleQuery.ofPayGroup(2, NEXT_PERIOD)))
                .extracting(Person::id)
                .contains(KERENSA);
        assertThat(people.search(PeopleQuery.ofPayGroup(2)))
                .extracting(Person::id)
                .doesNotContain(KERENSA);
    }

    @Test
    void aMoveBeforeTheHireDateOrThatChangesNothingIsRefused() {
        Placing same = people.placing(KERENSA, TODAY);
        assertThatThrownBy(() -> act(() -> moves.preview(KERENSA, LocalDate.of(2001, 1, 1), same)))
                .hasMessageStartingWith("That is before the hire date");
        assertThatThrownBy(() -> act(() -> {
                    moves.make(KERENSA, TODAY, same, Map.of());
                    return null;
                }))
                .hasMessageEndingWith("nothing would change.");
    }

    @Test
    void holidaysFollowTheSiteAtWhichSomebodyWorksThen() {
        Placing before = people.placing(KERENSA, TODAY);
        LocalDate founders = LocalDate.of(2027, 6, 14);
        act(() -> {
            moves.make(
                    KERENSA,
                    LocalDate.of(2027, 6, 1),
                    new Placing(2, before.teamId(), before.employmentType(), before.payGroupId(), before.approverId()),
                    Map.of());
            return null;
        });
        var account = act(() -> balances.account(people.get(KERENSA), HOURLY_LEAVE, Outlook.ahead(TODAY, founders)));
        assertThat(account.account().holidays().on(founders)).isEmpty();
        assertThat(account.account().holidays().on(LocalDate.of(2027, 3, 26))).isPresent();
        assertThat(account.account().holidays().on(LocalDate.of(2027, 7, 16))).isPresent();
    }

    private static Placing salaried(Placing before) {
        return new Placing(
                before.siteId(), before.teamId(), EmploymentType.SALARIED, before.payGroupId(), before.approverId());
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
