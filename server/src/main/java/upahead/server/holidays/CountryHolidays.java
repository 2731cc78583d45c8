package upahead.server.holidays;

import de.focus_shift.jollyday.core.CalendarHierarchy;
import de.focus_shift.jollyday.core.Holiday;
import de.focus_shift.jollyday.core.HolidayManager;
import de.focus_shift.jollyday.core.HolidayType;
import de.focus_shift.jollyday.core.ManagerParameters;
import jakarta.annotation.Nullable;
import java.time.LocalDate;
import java.time.Year;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import upahead.server.holidays.RuleFinder.Came;
import upahead.server.platform.problems.Refusal;

/** The public holidays of countries and their regions, as a library knows them: something to begin with. */
@Component
class CountryHolidays {

    /** A country, or a region of one. */
    record Place(String code, String name, List<Place> regions) {}

    /**
     * A holiday of a country.
     *
     * @param days on which it is free in the next years
     * @param rule by which it comes; null where no rule gives its days
     */
    record Proposed(String name, List<LocalDate> days, @Nullable RuleForm rule) {}

    /** So many years are looked at for a rule, from last year on. */
    private static final int YEARS_LOOKED_AT = 12;

    private static final int YEARS_SHOWN = 3;
    /** Others are calendars of exchanges and the like. */
    private static final int COUNTRY_CODE = 2;

    private List<Place> places;

    /** By name. */
    synchronized List<Place> all() {
        if (places == null) {
            places = HolidayManager.getSupportedCalendarCodes().stream()
                    .map(code -> code.toLowerCase(Locale.ROOT))
                    .filter(code -> code.length() == COUNTRY_CODE)
                    .distinct()
                    .map(CountryHolidays::country)
                    .sorted(Comparator.comparing(Place::name))
                    .toList();
        }
        return places;
    }

    private static Place country(String code) {
        Place known = place(manager(code).getCalendarHierarchy(), code);
        return new Place(code, new Locale("", code).getDisplayCountry(Locale.ENGLISH), known.regions());
    }

    private static Place place(CalendarHierarchy node, String code) {
        return new Place(
                code,
                node.getDescription(Locale.ENGLISH),
                node.getChildren().values().stream()
                        .map(child -> place(child, child.getId()))
                        .sorted(Comparator.comparing(Place::name))
                        .toList());
    }

    /**
     * The holidays of a country or of a part of it.
     *
     * @param path codes of the region and of a region within that; empty for the country
     * @param thisYear from which the next years are told
     * @throws Refusal if there is no such country or region
     */
    List<Proposed> of(String country, List<String> path, int thisYear) {
        requirePlace(country, path);
        HolidayManager manager = manager(country);
        Map<String, TreeMap<Integer, Came>> found = new LinkedHashMap<>();
        IntStream.range(thisYear - 1, thisYear - 1 + YEARS_LOOKED_AT).forEach(year -> manager.getHolidays(
                        Year.of(year), HolidayType.PUBLIC_HOLIDAY, path.toArray(String[]::new))
                .forEach(holiday -> found.computeIfAbsent(name(holiday), name -> new TreeMap<>())
                        .putIfAbsent(year, came(holiday))));
        List<Proposed> proposed = new ArrayList<>();
        found.forEach((name, byYear) -> proposed.add(new Proposed(
                name,
                byYear.subMap(thisYear, thisYear + YEARS_SHOWN).values().stream()
                        .map(Came::free)
                        .toList(),
                byYear.size() < YEARS_LOOKED_AT
                        ? null
                        : RuleFinder.rule(name, List.copyOf(byYear.values())).orElse(null))));
        proposed.removeIf(each -> each.days().isEmpty());
        proposed.sort(Comparator.comparing(each -> each.days().get(0)));
        return proposed;
    }

    private void requirePlace(String country, List<String> path) {
        List<Place> within = all();
        for (String code : Stream.concat(Stream.of(country), path.stream()).toList()) {
            within = within.stream()
                    .filter(place -> place.code().equals(code))
                    .map(Place::regions)
                    .findFirst()
                    .orElseThrow(() -> Refusal.of("country", "There is no such country or region here."));
        }
    }

    /** With the apostrophe that is used everywhere here, so that a name is known again. */
    private static String name(Holiday holiday) {
        return holiday.getDescription(Locale.ENGLISH).replace('\'', '’');
    }

    private static Came came(Holiday holiday) {
        return new Came(holiday.getActualDate(), holiday.getObservedDate().orElse(holiday.getActualDate()));
    }

    private static HolidayManager manager(String country) {
        return HolidayManager.getInstance(ManagerParameters.create(country));
    }
}
