package upahead.server.holidays;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import upahead.core.calendar.YearlyHoliday;
import upahead.core.calendar.YearlyHoliday.Observed;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.holidays.CountryHolidays.Place;
import upahead.server.holidays.CountryHolidays.Proposed;
import upahead.server.holidays.RuleForm.Sort;
import upahead.server.platform.access.CurrentUser;

/** Public holidays of countries as something to begin with. */
@WithDemo
class CountryHolidaysTest {

    private static final long NURSERY = 2;
    private static final int YEAR = 2027;

    @Autowired
    private HolidayRules rules;

    @Autowired
    private Holidays holidays;

    @Autowired
    private CurrentUser user;

    private final CountryHolidays countries = new CountryHolidays();

    @Test
    void countriesHaveRegionsUnderTheirNames() {
        Map<String, Place> byName = countries.all().stream()
                .collect(Collectors.toMap(Place::name, Function.identity(), (one, other) -> one));
        assertThat(byName).hasSizeGreaterThan(50).containsKeys("Germany", "France", "United States");
        assertThat(byName.get("Germany").regions()).extracting(Place::name).contains("Bavaria");
    }

    @Test
    void eachSortOfRuleIsFound() {
        Map<String, Proposed> usa = of("us");
        assertThat(usa.get("Thanksgiving Day").rule())
                .isEqualTo(form("Thanksgiving Day", Sort.NTH_WEEKDAY, 11, null, 4));
        assertThat(usa.get("Memorial Day").rule().nth()).isEqualTo(-1);
        assertThat(usa.get("Christmas").rule())
                .satisfies(rule -> assertThat(rule.sort()).isEqualTo(Sort.FIXED));
        assertThat(of("de").get("Easter Monday").rule().daysFromEaster()).isEqualTo(1);
    }

    @Test
    void aRegionHasItsOwn() {
        assertThat(of("de")).doesNotContainKey("Epiphany");
        assertThat(of("de", "by")).containsKey("Epiphany");
        assertThatThrownBy(() -> of("de", "moon")).hasMessage("There is no such country or region here.");
        assertThatThrownBy(() -> of("atlantis")).hasMessage("There is no such country or region here.");
    }

    @Test
    void everyRuleGivesTheDaysThatAreProposed() {
        for (String country : List.of("de", "fr", "us", "gb", "nl", "at", "es", "pl", "au", "ca")) {
            of(country).values().stream().filter(each -> each.rule() != null).forEach(each -> {
                YearlyHoliday rule = each.rule().holiday();
                List<LocalDate> days = each.days();
                for (int at = 0; at < days.size(); at++) {
                    LocalDate on = rule.recurrence().in(YEAR + at);
                    boolean weekend = on.getDayOfWeek() == DayOfWeek.SATURDAY || on.getDayOfWeek() == DayOfWeek.SUNDAY;
                    if (rule.observed() == Observed.THAT_DAY || !weekend) {
                        assertThat(on).as(country + " " + each.name()).isEqualTo(days.get(at));
                    }
                }
            });
        }
    }

    @Test
    void whatIsTakenIsOrdinaryRulesAndDatesThatStayEditable() {
        int before = rules.all().size();
        take("de", "Whit Monday", "German Unity Day");
        assertThat(rules.all()).hasSize(before + 2);
        HolidayRule unity = rules.all().stream()
                .filter(rule -> rule.rule().name().equals("German Unity Day"))
                .findFirst()
                .orElseThrow();
        user.actAs(Somebody.ADMINISTRATOR, () -> rules.change(unity.id(), unity.rule()));
        assertThatThrownBy(() -> take("de", "Whit Monday")).hasMessageStartingWith("Please choose at least one");
    }

    @Test
    void daysThatNoRuleGivesAreTakenAsSingleDays() {
        Proposed moving = countries.of("tr", List.of(), YEAR).stream()
                .filter(each -> each.rule() == null)
                .findFirst()
                .orElseThrow();
        take("tr", moving.name());
        assertThat(holidays.all())
                .filteredOn(
                        holiday -> holiday.siteId() == NURSERY && holiday.name().equals(moving.name()))
                .extracting(HolidayView::on)
                .containsAll(moving.days());
    }

    private void take(String country, String... names) {
        user.actAs(Somebody.ADMINISTRATOR, () -> {
            rules.takeFromCountry(NURSERY, country, List.of(), List.of(names));
            return null;
        });
    }

    private Map<String, Proposed> of(String country, String... path) {
        return countries.of(country, List.of(path), YEAR).stream()
                .collect(Collectors.toMap(Proposed::name, Function.identity()));
    }

    private static RuleForm form(String name, Sort sort, Integer month, Integer day, Integer nth) {
        return new RuleForm(name, sort, month, day, nth, DayOfWeek.THURSDAY, null, Observed.THAT_DAY, false, 1);
    }
}
