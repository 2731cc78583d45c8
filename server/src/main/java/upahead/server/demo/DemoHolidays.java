package upahead.server.demo;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.Collection;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import upahead.core.calendar.YearlyHoliday.Observed;
import upahead.core.quantity.Amount;
import upahead.server.employment.EmploymentType;
import upahead.server.facts.awards.AwardForm;
import upahead.server.facts.awards.Awards;
import upahead.server.holidays.HolidayPay;
import upahead.server.holidays.HolidayPayments;
import upahead.server.holidays.HolidayRules;
import upahead.server.holidays.HolidayYears;
import upahead.server.holidays.Holidays;
import upahead.server.holidays.RuleForm;
import upahead.server.holidays.RuleForm.Sort;

/** The holidays of both sites by their rules, how they are paid, an extra day, and protected dates. */
@Component
class DemoHolidays {

    private static final int YEAR = 2027;

    private final Holidays holidays;
    private final HolidayRules rules;
    private final HolidayPayments holidayPayments;
    private final HolidayYears holidayYears;
    private final Awards awards;

    DemoHolidays(
            Holidays holidays,
            HolidayRules rules,
            HolidayPayments holidayPayments,
            HolidayYears holidayYears,
            Awards awards) {
        this.holidays = holidays;
        this.rules = rules;
        this.holidayPayments = holidayPayments;
        this.holidayYears = holidayYears;
        this.awards = awards;
    }

    void setUp(Map<String, Long> sites, Map<String, Long> teams) {
        sites.values().forEach(this::addCommon);
        rules.add(sites.get("Brindlemoor"), weekday("Founders’ day", 6, 2, DayOfWeek.MONDAY, false));
        long nursery = sites.get("Saltmarsh Nursery");
        rules.add(nursery, weekday("Saltmarsh fair", 7, 3, DayOfWeek.FRIDAY, true));
        holidayPayments.setPay(
                new HolidayPay(nursery, Amount.of("7.5"), true, EnumSet.allOf(EmploymentType.class), "HOL"));
        sites.values().forEach(site -> holidayYears.take(site, YEAR));
        holidays.protect(LocalDate.of(YEAR, 5, 22), LocalDate.of(YEAR, 5, 23), "Spring plant sale", null);
        holidays.protect(
                LocalDate.of(YEAR, 6, 7), LocalDate.of(YEAR, 6, 9), "Renewal of the long lawn", teams.get("Grounds"));
    }

    /** Thanks to those who cleared up after a storm. */
    void thank(Collection<Long> people) {
        awards.give(new AwardForm(
                LocalDate.of(YEAR, 4, 19),
                "Thanks after the storm",
                "Cleared the long walk overnight",
                Amount.of("3.5"),
                false,
                null,
                List.copyOf(people)));
    }

    private void addCommon(long site) {
        List.of(
                        fixed("New Year’s Day", 1, 1),
                        fromEaster("Good Friday", -2),
                        fromEaster("Easter Monday", 1),
                        weekday("Early May holiday", 5, 1, DayOfWeek.MONDAY, false),
                        weekday("Late summer holiday", 8, -1, DayOfWeek.MONDAY, false),
                        fixed("Midwinter holiday", 12, 25),
                        fixed("Second midwinter day", 12, 26))
                .forEach(rule -> rules.add(site, rule));
    }

    private static RuleForm fixed(String name, int month, int day) {
        return new RuleForm(name, Sort.FIXED, month, day, null, null, null, Observed.NEXT_WEEKDAY, false, 1);
    }

    private static RuleForm fromEaster(String name, int days) {
        return new RuleForm(name, Sort.AROUND_EASTER, null, null, null, null, days, Observed.THAT_DAY, false, 1);
    }

    private static RuleForm weekday(String name, int month, int nth, DayOfWeek weekday, boolean half) {
        return new RuleForm(name, Sort.NTH_WEEKDAY, month, null, nth, weekday, null, Observed.THAT_DAY, half, 1);
    }
}
