package upahead.server.staffing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.function.Supplier;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.context.transaction.TestTransaction;
import upahead.core.calendar.PayCalendar;
import upahead.core.calendar.PayDay;
import upahead.core.quantity.Amount;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.employment.EmploymentType;
import upahead.server.employment.NewPerson;
import upahead.server.employment.People;
import upahead.server.organisation.Named;
import upahead.server.organisation.Organisation;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.problems.Refusal;

/** What was entered by mistake goes; what something hangs on stays. */
@WithDemo
class RemovalsTest {

    private static final long KERENSA = 27;

    @Autowired
    private Removals removals;

    @Autowired
    private Starters starters;

    @Autowired
    private People people;

    @Autowired
    private Organisation organisation;

    @Autowired
    private CurrentUser user;

    @Test
    void somebodyEnteredByMistakeGoesEvenWithAHireDateInClosedPeriods() {
        long id = act(() -> starters.add(newPerson()).person().id());
        act(() -> {
            removals.person(id);
            return null;
        });
        assertThatThrownBy(() -> act(() -> people.get(id))).isInstanceOf(Refusal.class);
    }

    @Test
    void somebodyWithHoursStaysAsTheyWere() {
        assertThatThrownBy(() -> act(() -> {
                    removals.person(KERENSA);
                    return null;
                }))
                .hasMessageContaining("Set a last day instead");
        TestTransaction.end();
        assertThat(act(() -> people.get(KERENSA)).name()).isEqualTo("Kerensa Saltonstall");
    }

    @Test
    void onlyPlacesAndGroupsWithoutPeopleGo() {
        act(() -> {
            removals.site(organisation.addSite("Nowhere"));
            removals.team(organisation.addTeam("Nobody"));
            removals.payGroup(organisation.addPayGroup(
                    "Unpaid", new PayCalendar(PayCalendar.Every.WEEK, LocalDate.of(2027, 4, 26)), PayDay.STANDARD));
            return null;
        });
        assertThat(organisation.sites()).extracting(Named::name).doesNotContain("Nowhere");
        assertThat(organisation.teams()).extracting(Named::name).doesNotContain("Nobody");
        // what the database refuses ends a transaction
        TestTransaction.end();
        assertStays(() -> removals.site(1), "This site cannot be removed");
        assertStays(() -> removals.team(1), "This team cannot be removed");
        assertStays(() -> removals.payGroup(1), "This pay group cannot be removed");
    }

    private void assertStays(Runnable removal, String message) {
        assertThatThrownBy(() -> act(() -> {
                    removal.run();
                    return null;
                }))
                .hasMessageStartingWith(message);
    }

    private static NewPerson newPerson() {
        Amount eight = Amount.of(8);
        LocalDate hired = LocalDate.of(2027, 2, 1);
        return new NewPerson(
                "N9",
                "Wren Twice",
                null,
                1,
                1,
                EmploymentType.HOURLY,
                1,
                null,
                hired,
                null,
                hired,
                List.of(eight, eight, eight, eight, eight, Amount.ZERO, Amount.ZERO),
                Amount.ONE);
    }

    private <T> T act(Supplier<T> work) {
        return user.actAs(Somebody.ADMINISTRATOR, work);
    }
}
