package upahead.server.enrolment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.security.access.AccessDeniedException;
import upahead.core.policy.EndBalance;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.employment.People;
import upahead.server.enrolment.CoverageEffect.What;
import upahead.server.platform.access.CurrentUser;
import upahead.server.policies.Coverage;
import upahead.server.policies.NewPolicy;
import upahead.server.policies.Policies;
import upahead.server.policies.PolicyDetail;
import upahead.server.policies.PolicyTexts;

/** What another coverage of volunteering, policy 8, does; it covers salaried people from 1 January 2027 on. */
@WithDemo
class EnrolmentsTest {

    private static final long VOLUNTEERING = 8;
    private static final long KERENSA = 27;
    private static final long TAKEN_OUT_BY_HAND = 21;
    private static final LocalDate MAY = LocalDate.of(2027, 5, 3);
    private static final Ending LAPSES = new Ending(EndBalance.LAPSE, null);

    @Autowired
    private Enrolments enrolments;

    @Autowired
    private CoverageEffects coverageEffects;

    @Autowired
    private Policies policies;

    @Autowired
    private PuttingInForce inForce;

    @Autowired
    private Covering covering;

    @Autowired
    private PolicyTexts texts;

    @Autowired
    private People people;

    @Autowired
    private CurrentUser user;

    @Test
    void whoIsCoveredAsBeforeIsNotConcerned() {
        assertThat(effects(policy().coverage(), MAY)).isEmpty();
    }

    @Test
    void whoIsNewlyCoveredBeginsAndWhoIsNoLongerEnds() {
        List<CoverageEffect> effects = effects(Coverage.people(List.of(KERENSA)), MAY);
        assertThat(effects)
                .filteredOn(each -> each.what() == What.BEGINS)
                .singleElement()
                .satisfies(each -> {
                    assertThat(each.personId()).isEqualTo(KERENSA);
                    assertThat(each.on()).isEqualTo(MAY);
                });
        assertThat(effects)
                .filteredOn(each -> each.what() == What.ENDS)
                .isNotEmpty()
                .allSatisfy(each -> assertThat(each.on()).isEqualTo(MAY.minusDays(1)));
    }

    @Test
    void nobodyBeginsBeforeThePolicyOrTheEmployment() {
        List<CoverageEffect> effects = effects(Coverage.everybody(), LocalDate.of(2026, 1, 1));
        assertThat(effects).isNotEmpty().allSatisfy(each -> {
            assertThat(each.what()).isEqualTo(What.BEGINS);
            assertThat(each.on()).isAfterOrEqualTo(LocalDate.of(2027, 1, 1));
            assertThat(each.on()).isAfterOrEqualTo(people.get(each.personId()).hired());
        });
    }

    @Test
    void anEnrolmentThatWouldHaveBegunLaterNeverBegins() {
        Coverage salaried = policy().coverage();
        cover(Coverage.everybody(), MAY.plusMonths(2));
        assertThat(effects(salaried, MAY))
                .filteredOn(each -> each.personId() == KERENSA)
                .singleElement()
                .satisfies(each -> assertThat(each.what()).isEqualTo(What.NEVER_BEGINS));
        cover(salaried, MAY);
        assertThat(own(KERENSA)).isEmpty();
    }

    @Test
    void anEndTheDayBeforeIsUndoneAndAnEarlierOneStays() {
        Coverage salaried = policy().coverage();
        long somebody = enrolments.peopleIn(VOLUNTEERING).get(0);
        cover(Coverage.people(List.of()), MAY);
        assertThat(own(somebody))
                .hasValueSatisfying(each -> assertThat(each.isOpen()).isFalse());
        assertThat(effects(salaried, MAY)).isNotEmpty().allSatisfy(each -> assertThat(each.what())
                .isEqualTo(What.GOES_ON));
        assertThat(effects(salaried, MAY.plusDays(1))).isNotEmpty().allSatisfy(each -> assertThat(each.what())
                .isEqualTo(What.STAYS_ENDED));
        cover(salaried, MAY);
        assertThat(own(somebody))
                .hasValueSatisfying(each -> assertThat(each.isOpen()).isTrue());
    }

    @Test
    void whomSomebodyTookOutByHandStaysOut() {
        assertThat(act(() -> coverageEffects.of(policy(), Coverage.everybody(), MAY)))
                .filteredOn(each -> each.personId() == TAKEN_OUT_BY_HAND)
                .singleElement()
                .satisfies(each -> assertThat(each.what()).isEqualTo(What.STAYS_ENDED));
        cover(Coverage.everybody(), MAY);
        assertThat(own(TAKEN_OUT_BY_HAND))
                .hasValueSatisfying(each -> assertThat(each.isOpen()).isFalse());
    }

    @Test
    void whatBecomesOfABalanceMustBeSaid() {
        assertThatThrownBy(() -> act(() -> covering.cover(VOLUNTEERING, Coverage.people(List.of()), MAY, null)))
                .hasMessage("Please say what becomes of what is left in Volunteering.");
        assertThat(enrolments.inPolicy(VOLUNTEERING))
                .filteredOn(each -> !each.isOpen())
                .extracting(Enrolled::personId)
                .containsExactly(TAKEN_OUT_BY_HAND);
    }

    @Test
    void somebodyLeftOutIsNotEnrolledHoweverTheyAreCovered() {
        Coverage without = new Coverage(true, null, null, null, null, null, List.of(KERENSA));
        cover(without, MAY);
        assertThat(own(KERENSA)).isEmpty();
        assertThat(effects(Coverage.everybody(), MAY)).singleElement().satisfies(each -> assertThat(each.personId())
                .isEqualTo(KERENSA));
    }

    @Test
    void twoPoliciesOfOneKindOnOnePersonAreFound() {
        PolicyDetail other = policies.get(VOLUNTEERING);
        PolicyDetail second = act(() -> texts.write(new NewPolicy(
                "More volunteering",
                other.kind(),
                other.unit(),
                true,
                "VOL2",
                "01-01",
                other.rules(),
                other.versions().get(0).terms())));
        long twice = enrolments.peopleIn(VOLUNTEERING).get(0);
        assertThat(act(() -> covering.doubled(MAY))).noneMatch(each -> each.personId() == twice);
        act(() -> inForce.putInForce(
                second.id(), second.versions().get(0).id(), 0, MAY, Coverage.people(List.of(twice)), ""));
        assertThat(act(() -> covering.doubled(MAY)))
                .filteredOn(each -> each.personId() == twice && each.kind() == other.kind())
                .singleElement()
                .satisfies(each -> assertThat(each.policies()).containsExactly("More volunteering", "Volunteering"));
        assertThat(act(() -> covering.doubled(MAY.minusDays(1))))
                .noneMatch(each -> each.policies().contains("More volunteering"));
    }

    @Test
    void onlyAnAdministratorChangesThem() {
        assertThatThrownBy(() -> user.actAs(
                        Somebody.approver(4), () -> covering.cover(VOLUNTEERING, Coverage.everybody(), MAY, LAPSES)))
                .isInstanceOf(AccessDeniedException.class);
    }

    private PolicyDetail policy() {
        return policies.get(VOLUNTEERING);
    }

    private Optional<Enrolled> own(long person) {
        return enrolments.inPolicy(VOLUNTEERING).stream()
                .filter(each -> each.personId() == person)
                .findFirst();
    }

    /** What happens to everybody but whom the demo's administrator took out by hand. */
    private List<CoverageEffect> effects(Coverage coverage, LocalDate from) {
        return act(() -> coverageEffects.of(policy(), coverage, from)).stream()
                .filter(each -> each.personId() != TAKEN_OUT_BY_HAND)
                .toList();
    }

    private void cover(Coverage coverage, LocalDate from) {
        act(() -> covering.cover(VOLUNTEERING, coverage, from, LAPSES));
    }

    private <T> T act(Supplier<T> work) {
        return user.actAs(Somebody.ADMINISTRATOR, work);
    }
}
