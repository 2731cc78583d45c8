package upahead.server.enrolment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.function.Supplier;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import upahead.core.earning.Upfront;
import upahead.core.quantity.Unit;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.employment.EmploymentType;
import upahead.server.employment.Person;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.problems.Refusal;
import upahead.server.policies.Coverage;
import upahead.server.policies.NewPolicy;
import upahead.server.policies.Policies;
import upahead.server.policies.PolicyDetail;
import upahead.server.policies.PolicyKind;
import upahead.server.policies.PolicyTexts;
import upahead.server.policies.PolicyVersion;
import upahead.server.policies.RequestRules;
import upahead.server.policies.TermsWriter;
import upahead.server.policies.VersionState;
import upahead.written.WrittenTerms;

/** Whom a policy covers, from writing it to putting it in force. */
@WithDemo
class CoverageTest {

    private static final LocalDate MAY = LocalDate.of(2027, 5, 1);

    @Autowired
    private Policies policies;

    @Autowired
    private PuttingInForce inForce;

    @Autowired
    private PolicyTexts texts;

    @Autowired
    private Enrolments enrolments;

    @Autowired
    private CoverageEffects coverageEffects;

    @Autowired
    private CurrentUser user;

    @Test
    void everybodyMeansAllWhoHaveNotLeft() {
        assertThat(covered(Coverage.everybody(), MAY))
                .hasSize(61)
                .extracting(Person::code)
                .doesNotContain("B148");
        assertThat(covered(Coverage.everybody(), LocalDate.of(2027, 11, 1))).hasSize(54);
    }

    @Test
    void aTeamASiteAKindOfEmploymentOrNamedPeople() {
        assertThat(covered(Coverage.sites(List.of(2L)), MAY)).isNotEmpty().allMatch(person -> person.site()
                .equals("Saltmarsh Nursery"));
        assertThat(covered(Coverage.teams(List.of(3L)), MAY)).isNotEmpty().allMatch(person -> person.teamId() == 3);
        assertThat(covered(Coverage.types(EmploymentType.SEASONAL), MAY)).hasSize(6);
        assertThat(covered(Coverage.people(List.of(27L, 30L)), MAY))
                .extracting(Person::code)
                .containsExactlyInAnyOrder("B127", "B130");
        assertThat(covered(Coverage.people(List.of()), MAY)).isEmpty();
    }

    @Test
    void conditionsCombineNamedPeopleComeBesideAndWhoIsLeftOutStaysOut() {
        Coverage hourlyButNotTheTeam =
                new Coverage(true, List.of(EmploymentType.HOURLY), null, List.of(3L), null, null, null);
        assertThat(covered(hourlyButNotTheTeam, MAY))
                .isNotEmpty()
                .allMatch(person -> person.employmentType() == EmploymentType.HOURLY && person.teamId() != 3);
        long ofTheTeam = covered(Coverage.teams(List.of(3L)), MAY).get(0).id();
        Coverage andOneOfThem =
                new Coverage(true, List.of(EmploymentType.HOURLY), null, List.of(3L), null, List.of(ofTheTeam), null);
        assertThat(covered(andOneOfThem, MAY))
                .hasSize(covered(hourlyButNotTheTeam, MAY).size() + 1)
                .extracting(Person::id)
                .contains(ofTheTeam);
        Coverage butNotTheOne = new Coverage(
                true, List.of(EmploymentType.HOURLY), null, List.of(3L), null, List.of(ofTheTeam), List.of(ofTheTeam));
        assertThat(covered(butNotTheOne, MAY)).hasSameSizeAs(covered(hourlyButNotTheTeam, MAY));
        Coverage hourlyAtASite =
                new Coverage(true, List.of(EmploymentType.HOURLY), null, null, List.of(2L), null, null);
        assertThat(covered(hourlyAtASite, MAY))
                .isNotEmpty()
                .allMatch(person -> person.employmentType() == EmploymentType.HOURLY
                        && person.site().equals("Saltmarsh Nursery"));
    }

    @Test
    void peopleAreEnrolledFromTheFirstDayOrFromTheirHireDateIfThatIsLater() {
        PolicyDetail inForce =
                putInForce(write("Storm leave"), LocalDate.of(2027, 3, 10), Coverage.people(List.of(27L, 28L)));
        assertThat(inForce.people()).isEqualTo(2);
        assertThat(enrolments.of(List.of(27L, 28L)))
                .filteredOn(enrolled -> enrolled.policyId() == inForce.id())
                .extracting(enrolled ->
                        enrolled.personId() + " " + enrolled.enrolment().from())
                .containsExactlyInAnyOrder("27 2027-03-10", "28 2027-03-15");
    }

    @Test
    void anotherVersionEnrolsOnlyWhoIsNotEnrolledYet() {
        PolicyDetail policy = putInForce(write("Storm leave"), MAY, Coverage.people(List.of(27L)));
        PolicyDetail drafted =
                act(() -> texts.draft(policy.id(), policy.versions().get(0).terms()));
        PolicyDetail second = putInForce(drafted, MAY.plusMonths(1), Coverage.people(List.of(27L, 30L)));
        assertThat(second.people()).isEqualTo(2);
        assertThat(second.inForce(MAY)).get().extracting(PolicyVersion::starts).isEqualTo(MAY);
        assertThat(second.inForce(MAY.plusMonths(2)))
                .get()
                .extracting(PolicyVersion::starts)
                .isEqualTo(MAY.plusMonths(1));
        assertThat(second.inForce(MAY.minusDays(1))).isEmpty();
    }

    @Test
    void aNameIsTakenHoweverItIsWritten() {
        write("Storm leave");
        assertThatThrownBy(() -> write(" storm LEAVE "))
                .isInstanceOfSatisfying(
                        Refusal.class, refusal -> assertThat(refusal.field()).isEqualTo("name"));
    }

    @Test
    void aPolicyThatDoesNotExistIsSaidNotTo() {
        assertThatThrownBy(() -> policies.get(9999)).hasMessage("There is no such policy.");
        PolicyDetail policy = write("Storm leave");
        assertThatThrownBy(() -> act(() -> texts.change(policy.id(), 9999, 0, oneDay(), List.of())))
                .hasMessage("There is no such version of this policy.");
    }

    private PolicyDetail write(String name) {
        return act(() -> texts.write(new NewPolicy(
                name,
                PolicyKind.PERSONAL,
                Unit.DAYS,
                true,
                "STORM",
                "01-01",
                new RequestRules(false, false, 0, false),
                oneDay())));
    }

    private PolicyDetail putInForce(PolicyDetail policy, LocalDate from, Coverage coverage) {
        PolicyVersion draft = policy.versions().stream()
                .filter(version -> version.state() == VersionState.DRAFT)
                .findFirst()
                .orElseThrow();
        return act(() -> inForce.putInForce(policy.id(), draft.id(), draft.edits(), from, coverage, "test"));
    }

    private List<Person> covered(Coverage coverage, LocalDate from) {
        return act(() -> coverageEffects.covered(coverage, from));
    }

    private <T> T act(Supplier<T> work) {
        return user.actAs(Somebody.ADMINISTRATOR, work);
    }

    private static WrittenTerms oneDay() {
        return TermsWriter.upfront("1", Upfront.FirstYear.FULL).write();
    }
}
