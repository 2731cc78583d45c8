package upahead.server.employment;

import static java.time.DayOfWeek.MONDAY;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import upahead.core.calendar.DateSpan;
import upahead.core.people.Employment;
import upahead.core.quantity.Amount;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.employment.EmploymentChanges.Changing;
import upahead.server.employment.EmploymentHistory.FteFrom;
import upahead.server.employment.EmploymentHistory.Pause;
import upahead.server.employment.EmploymentHistory.ScheduleFrom;
import upahead.server.platform.access.CurrentUser;

/** Kerensa, person 27, hired on 7 June 2021: full-time at eight hours a day. */
@WithDemo
class EmploymentChangesTest {

    private static final long KERENSA = 27;
    private static final LocalDate HIRED = LocalDate.of(2021, 6, 7);
    private static final LocalDate MAY = LocalDate.of(2027, 5, 3);
    private static final LocalTime HALF_PAST = LocalTime.of(0, 30);
    private static final List<Amount> HALF = week("4", "4", "4", "4", "4", "0", "0");

    @Autowired
    private EmploymentChanges employments;

    @Autowired
    private WorkingTimes times;

    @Autowired
    private People people;

    @Autowired
    private PersonChanges personChanges;

    @Autowired
    private CurrentUser user;

    @Autowired
    private JdbcTemplate sql;

    @Test
    void aChangeHoldsFromItsDayOnAndWhatWasBeforeStays() {
        change(MAY, "0.5", HALF);
        Employment employment = employment();
        assertThat(employment.fteOn(MAY.minusDays(1))).isEqualTo(Amount.ONE);
        assertThat(employment.fteOn(MAY)).isEqualTo(Amount.of("0.5"));
        assertThat(employment.scheduledHours(MAY.minusDays(3))).isEqualTo(Amount.of(8));
        assertThat(employment.scheduledHours(MAY)).isEqualTo(Amount.of(4));
    }

    @Test
    void asOfADayThereIsOneChangeOnly() {
        change(MAY, "0.5", null);
        change(MAY, "0.6", null);
        assertThat(employments.ftes(KERENSA)).endsWith(new FteFrom(MAY, Amount.of("0.6")));
        assertThat(employments.ftes(KERENSA))
                .filteredOn(each -> each.from().equals(MAY))
                .hasSize(1);
    }

    @Test
    void aChangeBetweenTwoOthersHoldsUntilTheLaterOne() {
        change(MAY.plusMonths(2), "0.5", null);
        change(MAY, "0.8", null);
        assertThat(employment().fteOn(MAY.plusMonths(1))).isEqualTo(Amount.of("0.8"));
        assertThat(employment().fteOn(MAY.plusMonths(2))).isEqualTo(Amount.of("0.5"));
    }

    @Test
    void halfAChangeIsNoChange() {
        assertThatThrownBy(() -> change(MAY, "0.5", week("25", "0", "0", "0", "0", "0", "0")))
                .hasMessage("A day has between 0 and 24 scheduled hours.");
        assertThat(employments.schedules(KERENSA)).noneMatch(each -> each.from().equals(MAY));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "2.01|The full-time equivalent must be between 0 and 2.",
                "-0.1|The full-time equivalent must be between 0 and 2.",
            })
    void aFullTimeEquivalentHasItsBounds(String fte, String message) {
        assertThatThrownBy(() -> change(MAY, fte, null)).hasMessage(message);
    }

    @Test
    void aScheduleWithoutHoursIsNone() {
        assertThatThrownBy(() -> change(MAY, null, week("0", "0", "0", "0", "0", "0", "0")))
                .hasMessageStartingWith("A schedule needs hours on one day at least");
    }

    @Test
    void timesOfTheDayBringTheHoursAndGoWithTheirSchedule() {
        List<Amount> week = week("7.5", "0", "0", "0", "0", "0", "0");
        DayTimes monday = new DayTimes(MONDAY, LocalTime.of(22, 0), LocalTime.of(6, 0), LocalTime.MIDNIGHT, HALF_PAST);
        schedule(new ScheduleFrom(MAY, week, List.of(monday)));
        assertThat(employments.schedules(KERENSA)).endsWith(new ScheduleFrom(MAY, week, List.of(monday)));
        assertThat(times.of(KERENSA, List.of(MAY.minusDays(7), MAY, MAY.plusDays(1))))
                .containsOnlyKeys(MAY.minusDays(7), MAY)
                .containsEntry(MAY, monday);
        takeBack(Changing.SCHEDULE, MAY);
        assertThat(times.of(KERENSA, List.of(MAY)).get(MAY).begins()).isEqualTo(LocalTime.of(7, 30));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "8|22:00|06:00|00:00|00:30|Monday has 7.5 hours from begin to end without the break, not 8.",
                "7.5|22:00|06:00|07:00|07:30|The break on Monday does not lie between 22:00 and 06:00.",
                "7.5|22:00|06:00|00:00||The break on Monday needs a begin and an end.",
            })
    void timesThatDoNotFitAreRefused(
            String hours,
            LocalTime begins,
            LocalTime ends,
            LocalTime breakBegins,
            LocalTime breakEnds,
            String message) {
        List<Amount> week = week(hours, "0", "0", "0", "0", "0", "0");
        DayTimes monday = new DayTimes(MONDAY, begins, ends, breakBegins, breakEnds);
        assertThatThrownBy(() -> schedule(new ScheduleFrom(MAY, week, List.of(monday))))
                .hasMessage(message);
    }

    @Test
    void nothingChangesBeforeTheHireDate() {
        assertThatThrownBy(() -> change(HIRED.minusDays(1), "0.5", null)).hasMessage("That is before the hire date.");
    }

    @Test
    void nothingIsScheduledInAPauseAndTwoPausesShareNoDay() {
        pause("2027-06-01", "2027-06-30");
        assertThat(employment().scheduledHours(LocalDate.of(2027, 6, 15))).isEqualTo(Amount.ZERO);
        assertThat(employment().scheduledHours(LocalDate.of(2027, 7, 1))).isEqualTo(Amount.of(8));
        assertThatThrownBy(() -> pause("2027-06-30", "2027-07-05"))
                .hasMessage("There is a pause from 1 June 2027 to 30 June 2027 already.");
        pause("2027-07-01", "2027-07-05");
        assertThat(employments.pauses(KERENSA)).extracting(Pause::from).contains(LocalDate.of(2027, 7, 1));
    }

    @ParameterizedTest
    @EnumSource(Changing.class)
    void whatIsTakenBackLeavesEverythingAsItWas(Changing what) {
        Employment before = employment();
        switch (what) {
            case FTE -> change(MAY, "0.5", null);
            case SCHEDULE -> change(MAY, null, HALF);
            case PAUSE -> pause(MAY.toString(), MAY.plusDays(20).toString());
        }
        assertThat(sameOn(before, MAY.plusDays(1))).isFalse();
        takeBack(what, MAY);
        assertThat(sameOn(before, MAY.plusDays(1))).isTrue();
        assertThat(lastInTheTrail()).contains("took back the").contains("3 May 2027");
        assertThatThrownBy(() -> takeBack(what, MAY)).hasMessage("There is no such change on that day.");
    }

    @Test
    void whatHoldsFromTheHireDateOnIsChangedNotTakenBack() {
        assertThatThrownBy(() -> takeBack(Changing.SCHEDULE, HIRED))
                .hasMessage("What holds from the hire date on can be changed, not taken back.");
    }

    @Test
    void aHireDateMovesWithWhatBeganOnItButNotOverALaterChange() {
        change(MAY, "0.5", null);
        user.actAs(Somebody.ADMINISTRATOR, () -> {
            personChanges.moveHireDate(KERENSA, HIRED.plusDays(7));
            return null;
        });
        assertThat(employment().scheduledHours(HIRED)).isEqualTo(Amount.ZERO);
        assertThat(employment().scheduledHours(HIRED.plusDays(7))).isEqualTo(Amount.of(8));
        assertThatThrownBy(() -> user.actAs(Somebody.ADMINISTRATOR, () -> {
                    personChanges.moveHireDate(KERENSA, MAY.plusDays(1));
                    return null;
                }))
                .hasMessage("A schedule or FTE begins before 4 May 2027; change that first.");
    }

    private boolean sameOn(Employment before, LocalDate day) {
        Employment now = employment();
        return now.fteOn(day).equals(before.fteOn(day))
                && now.scheduledHours(day).equals(before.scheduledHours(day))
                && now.pauses().equals(before.pauses());
    }

    private String lastInTheTrail() {
        return sql.queryForObject(
                "select what || ': ' || before_change from audit_record order by id desc limit 1", String.class);
    }

    private Employment employment() {
        return people.employments(List.of(KERENSA)).get(KERENSA);
    }

    private EmploymentChanges.Newest seen() {
        List<FteFrom> ftes = employments.ftes(KERENSA);
        List<ScheduleFrom> schedules = employments.schedules(KERENSA);
        ScheduleFrom latest = schedules.get(schedules.size() - 1);
        return new EmploymentChanges.Newest(ftes.get(ftes.size() - 1).fte(), latest.week(), latest.times());
    }

    private void schedule(ScheduleFrom schedule) {
        user.actAs(Somebody.ADMINISTRATOR, () -> {
            employments.changeSchedule(KERENSA, schedule);
            return null;
        });
    }

    private void change(LocalDate from, String fte, List<Amount> week) {
        user.actAs(Somebody.ADMINISTRATOR, () -> {
            employments.change(KERENSA, seen(), from, fte == null ? null : Amount.of(fte), week, List.of());
            return null;
        });
    }

    private void pause(String first, String last) {
        user.actAs(Somebody.ADMINISTRATOR, () -> {
            employments.pause(
                    KERENSA, new DateSpan(LocalDate.parse(first), LocalDate.parse(last)), "a season in the north");
            return null;
        });
    }

    private void takeBack(Changing what, LocalDate from) {
        user.actAs(Somebody.ADMINISTRATOR, () -> {
            employments.takeBack(KERENSA, what, from);
            return null;
        });
    }

    private static List<Amount> week(String... hours) {
        return Stream.of(hours).map(Amount::of).toList();
    }
}
