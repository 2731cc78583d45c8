package upahead.server.employment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import upahead.core.people.Employment;
import upahead.core.quantity.Amount;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.problems.Refusal;

@WithDemo
class PeopleTest {

    private static final LocalDate TODAY = LocalDate.of(2027, 4, 26);

    @Autowired
    private People people;

    @Autowired
    private Workplaces workplaces;

    @Autowired
    private Hiring hiring;

    @Autowired
    private Reach reach;

    @Autowired
    private CurrentUser user;

    @ParameterizedTest
    @CsvSource({"kerensa, 1", "SALTON ker, 1", "B127, 1", "grounds, 12", "nobody at all, 0", "'', 62"})
    void searchFindsEveryWordInNameCodeOrTeam(String search, int found) {
        assertThat(people.count(new PeopleQuery(search, null, null, null, null, 0, 10)))
                .isEqualTo(found);
    }

    @Test
    void pagesFollowEachOtherByName() {
        List<Person> first = people.search(new PeopleQuery(null, null, null, null, null, 0, 20));
        List<Person> second = people.search(new PeopleQuery(null, null, null, null, null, 1, 20));
        assertThat(first).hasSize(20).isSortedAccordingTo((one, other) -> one.name()
                .compareTo(other.name()));
        assertThat(second).hasSize(20).doesNotContainAnyElementsOf(first);
        assertThat(second.get(0).name()).isGreaterThan(first.get(19).name());
    }

    @Test
    void somebodyNewHasAScheduleAndAFullTimeEquivalentFromTheHireDateOn() {
        long id = user.actAs(Somebody.ADMINISTRATOR, () -> hiring.add(newPerson(null, week())));
        Employment employment = people.employments(List.of(id)).get(id);
        assertThat(employment.scheduledHours(LocalDate.of(2027, 5, 4))).isEqualTo(Amount.of(6));
        assertThat(employment.scheduledHours(LocalDate.of(2027, 5, 2))).isEqualTo(Amount.ZERO);
        assertThat(employment.fteOn(LocalDate.of(2027, 5, 4))).isEqualTo(Amount.of("0.75"));
    }

    @Test
    void aLastDayBeforeTheHireDateIsRefusedBesideItsField() {
        assertThatThrownBy(() -> user.actAs(
                        Somebody.ADMINISTRATOR, () -> hiring.add(newPerson(LocalDate.of(2027, 5, 2), week()))))
                .isInstanceOfSatisfying(
                        Refusal.class, refusal -> assertThat(refusal.field()).isEqualTo("lastDay"));
    }

    @Test
    void aWeekHasSevenDays() {
        assertThatThrownBy(() ->
                        user.actAs(Somebody.ADMINISTRATOR, () -> hiring.add(newPerson(null, week().subList(0, 5)))))
                .hasMessage("A week has seven days.");
    }

    @Test
    void anApproverLeadsThePeopleAssignedAndNotThemselves() {
        user.actAs(Somebody.approver(4), () -> {
            assertThat(reach.leads(27)).isTrue();
            assertThat(reach.leads(4)).isFalse();
            assertThat(reach.person(4)).isTrue();
            assertThat(reach.person(16)).isFalse();
            return null;
        });
        user.actAs(Somebody.ADMINISTRATOR, () -> {
            Placing before = people.get(16).placing();
            workplaces.place(
                    16,
                    TODAY,
                    new Placing(before.siteId(), before.teamId(), before.employmentType(), before.payGroupId(), 4L));
            return null;
        });
        assertThat(user.actAs(Somebody.approver(4), () -> reach.leads(16))).isTrue();
    }

    private static NewPerson newPerson(LocalDate lastDay, List<Amount> week) {
        LocalDate hired = LocalDate.of(2027, 5, 3);
        return new NewPerson(
                "N1",
                "Nova Testwell",
                null,
                1,
                1,
                EmploymentType.HOURLY,
                1,
                null,
                hired,
                lastDay,
                hired,
                week,
                Amount.of("0.75"));
    }

    private static List<Amount> week() {
        List<Amount> week = new ArrayList<>(Collections.nCopies(7, Amount.ZERO));
        week.set(1, Amount.of(6));
        week.set(3, Amount.of(6));
        return week;
    }
}
