package upahead.server.holidays;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.function.Supplier;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import upahead.core.calendar.DateSpan;
import upahead.core.calendar.HolidayCalendar.Holiday;
import upahead.core.calendar.YearlyHoliday.Observed;
import upahead.core.quantity.Amount;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.employment.EmploymentChanges;
import upahead.server.employment.People;
import upahead.server.employment.PersonChanges;
import upahead.server.facts.awards.Award;
import upahead.server.facts.awards.AwardForm;
import upahead.server.facts.awards.Awards;
import upahead.server.facts.hours.HolidayHours;
import upahead.server.facts.hours.HolidayHours.PaidHoliday;
import upahead.server.holidays.RuleForm.Sort;
import upahead.server.holidays.YearPreview.PreviewDay;
import upahead.server.holidays.YearPreview.State;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.problems.Refusal;

/** Holidays by rules, from files, how they are paid, and extra days. */
@WithDemo
class HolidayRulesTest {

    private static final long GARDEN = 1;

    private static final long NURSERY = 2;

    private static final long KERENSA = 27;

    private static final long DELPHINE = 46;

    private static final LocalDate MAY = LocalDate.of(2027, 5, 3);

    private static final DateSpan SPRING = new DateSpan(LocalDate.of(2027, 4, 26), LocalDate.of(2027, 5, 9));

    @Autowired
    private HolidayRules rules;

    @Autowired
    private HolidayYears holidayYears;

    @Autowired
    private Holidays holidays;

    @Autowired
    private HolidayHours hours;

    @Autowired
    private Awards awards;

    @Autowired
    private CalendarFiles files;

    @Autowired
    private People people;

    @Autowired
    private PersonChanges personChanges;

    @Autowired
    private EmploymentChanges employments;

    @Autowired
    private CurrentUser user;

    @Test
    void aComingYearIsShownBeforeItCounts() {
        YearPreview preview = act(() -> holidayYears.preview(GARDEN, 2028));
        assertThat(preview.days()).hasSize(8).allMatch(day -> day.state() == State.NEW);
        assertThat(preview.days()).extracting(PreviewDay::on).contains(LocalDate.of(2028, 4, 14));
        assertThat(holidays.calendars().get(GARDEN).on(LocalDate.of(2028, 4, 14)))
                .isEmpty();
        act(() -> holidayYears.take(GARDEN, 2028));
        assertThat(holidays.calendars().get(GARDEN).on(LocalDate.of(2028, 4, 14)))
                .contains(new Holiday("Good Friday", false));
        assertThat(holidays.calendars().get(NURSERY).on(LocalDate.of(2028, 4, 14)))
                .isEmpty();
    }

    @Test
    void theRulesOfAnotherSiteAreCopiedOnceAndThoseOfTheSameNameStay() {
        List<String> before = names(NURSERY);
        act(() -> {
            rules.add(GARDEN, fixed("Lily day", 5, 3));
            rules.copy(GARDEN, NURSERY);
            return null;
        });
        assertThat(names(NURSERY)).containsAll(before).contains("Lily day").doesNotHaveDuplicates();
        assertThatThrownBy(() -> act(() -> {
                    rules.copy(GARDEN, NURSERY);
                    return null;
                }))
                .hasMessageContaining("not here already");
    }

    private List<String> names(long siteId) {
        return rules.all().stream()
                .filter(rule -> rule.siteId() == siteId)
                .map(rule -> rule.rule().name())
                .toList();
    }

    @Test
    void aYearThatIsThereAlreadyChangesNothing() {
        YearPreview again = act(() -> holidayYears.take(GARDEN, 2027));
        assertThat(again.days()).isNotEmpty().allMatch(day -> day.state() == State.SAME);
    }

    @Test
    void anotherHolidayOnTheDayStays() {
        act(() -> rules.add(GARDEN, fixed("Lily day", 5, 3)));
        assertThat(act(() -> holidayYears.preview(GARDEN, 2027)).days())
                .filteredOn(day -> day.on().equals(MAY))
                .singleElement()
                .satisfies(day -> assertThat(day.there()).isNotNull());
    }

    @Test
    void aRuleWithoutItsFiguresIsRefusedBesideThem() {
        RuleForm noDay = new RuleForm("Odd", Sort.FIXED, 2, 31, null, null, null, Observed.THAT_DAY, false, 1);
        assertThatThrownBy(() -> act(() -> rules.add(GARDEN, noDay))).hasMessageStartingWith("There is no such day");
        RuleForm missing = new RuleForm("Odd", Sort.AROUND_EASTER, 2, 3, null, null, null, Observed.THAT_DAY, false, 1);
        assertThatThrownBy(() -> act(() -> rules.add(GARDEN, missing)))
                .isInstanceOfSatisfying(
                        Refusal.class, refusal -> assertThat(refusal.field()).isEqualTo("daysFromEaster"));
    }

    @Test
    void fixedHoursFollowTheFteAndHalfADayHalvesThem() {
        act(() -> {
            employments.changeFte(DELPHINE, MAY, Amount.of("0.5"));
            return null;
        });
        assertThat(paid(DELPHINE)).extracting(PaidHoliday::hours).containsExactly(Amount.of("3.75"));
        LocalDate fair = LocalDate.of(2027, 7, 16);
        assertThat(hours.of(List.of(people.get(DELPHINE)), new DateSpan(fair, fair))
                        .get(DELPHINE))
                .extracting(PaidHoliday::hours)
                .containsExactly(Amount.of("1.88"));
    }

    @Test
    void whoIsNotEmployedOrInAPauseGetsNothing() {
        act(() -> {
            employments.pause(KERENSA, SPRING, "unpaid leave");
            personChanges.leave(DELPHINE, MAY.minusDays(1));
            return null;
        });
        assertThat(paid(KERENSA)).isEmpty();
        assertThat(paid(DELPHINE)).isEmpty();
    }

    @Test
    void hoursOfAnExtraDayReachTimeCardsAndCanBeTakenBack() {
        LocalDate day = LocalDate.of(2027, 4, 28);
        List<Award> given = act(() -> awards.give(award(day, Amount.of(4), List.of(KERENSA, DELPHINE))));
        assertThat(given)
                .filteredOn(each -> each.on().equals(day))
                .singleElement()
                .satisfies(award -> {
                    assertThat(award.hours()).isEqualTo(Amount.of(8));
                    assertThat(award.people()).hasSize(2);
                });
        assertThat(paid(KERENSA)).extracting(PaidHoliday::name).contains("Awarded");
        long id = given.stream()
                .filter(each -> each.on().equals(day))
                .findFirst()
                .orElseThrow()
                .id();
        act(() -> awards.takeBack(id));
        assertThat(paid(KERENSA)).extracting(PaidHoliday::name).doesNotContain("Awarded");
    }

    @Test
    void everybodyEmployedThatDayGetsTheHoursEachIsScheduled() {
        LocalDate saturday = LocalDate.of(2027, 5, 1);
        int onSaturday = act(() -> awards.preview(award(saturday, null, null))).size();
        int onTuesday = act(() -> awards.preview(award(LocalDate.of(2027, 5, 4), null, null)))
                .size();
        assertThat(onTuesday).isGreaterThan(onSaturday);
        assertThat(act(() -> awards.preview(award(LocalDate.of(2010, 5, 4), null, null))))
                .isEmpty();
        assertThatThrownBy(() -> act(() -> awards.give(award(LocalDate.of(2010, 5, 4), null, null))))
                .hasMessageStartingWith("Nobody would get any hours");
    }

    @Test
    void aHolidayIsMovedOrTakenAway() {
        act(() -> {
            holidays.change(GARDEN, MAY, MAY.plusDays(1), new Holiday("Late May day", true));
            return null;
        });
        assertThat(holidays.calendars().get(GARDEN).on(MAY)).isEmpty();
        assertThat(holidays.calendars().get(GARDEN).on(MAY.plusDays(1))).contains(new Holiday("Late May day", true));
        assertThatThrownBy(() -> act(() -> {
                    holidays.add(GARDEN, MAY.plusDays(1), new Holiday("Twice", false));
                    return null;
                }))
                .hasMessage("Late May day is on 4 May 2027 already.");
    }

    @Test
    void anExportedCalendarComesInAgainWithoutAnyChange() {
        String file = act(() -> files.export(NURSERY));
        assertThat(file).startsWith("BEGIN:VCALENDAR").contains("SUMMARY:Saltmarsh fair (half a day)");
        assertThat(preview(NURSERY, file).days()).hasSize(8).allMatch(day -> day.state() == State.SAME);
    }

    private YearPreview preview(long site, String file) {
        return act(() -> files.preview(site, file.getBytes(StandardCharsets.UTF_8)));
    }

    private List<PaidHoliday> paid(long person) {
        return hours.of(List.of(people.get(person)), SPRING).getOrDefault(person, List.of());
    }

    private static AwardForm award(LocalDate on, Amount hours, List<Long> whom) {
        return new AwardForm(on, "Thanks", "", hours, false, null, whom);
    }

    private static RuleForm fixed(String name, int month, int day) {
        return new RuleForm(name, Sort.FIXED, month, day, null, null, null, Observed.THAT_DAY, false, 1);
    }

    private <T> T act(Supplier<T> work) {
        return user.actAs(Somebody.ADMINISTRATOR, work);
    }
}
