package upahead.server.holidays;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.calendar.HolidayCalendar;
import upahead.core.calendar.HolidayCalendar.Holiday;
import upahead.server.organisation.Organisation;
import upahead.server.platform.audit.Audit;
import upahead.server.platform.audit.Thing;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;

/** Rules by which holidays come every year; the days they give count once they were looked at and taken. */
@Service
public class HolidayRules {

    private final HolidayRuleStore store;
    private final CountryHolidays countries;
    private final Holidays holidays;
    private final Organisation organisation;
    private final Audit audit;
    private final MovableClock clock;

    HolidayRules(
            HolidayRuleStore store,
            CountryHolidays countries,
            Holidays holidays,
            Organisation organisation,
            Audit audit,
            MovableClock clock) {
        this.store = store;
        this.countries = countries;
        this.holidays = holidays;
        this.organisation = organisation;
        this.audit = audit;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public List<HolidayRule> all() {
        return store.all();
    }

    /**
     * @throws Refusal if there is no such day, or no such site
     */
    @Transactional
    @May(Permission.KEEP_HOLIDAYS)
    public HolidayRule add(long siteId, RuleForm rule) {
        organisation.requireSite(siteId);
        rule.holiday();
        long id = store.add(siteId, rule);
        audit.record(Thing.SITE, siteId, "added a yearly holiday", null, rule);
        return new HolidayRule(id, siteId, rule);
    }

    /**
     * Gives a site the rules of another one that it does not have; those of the same name stay as they are.
     *
     * @throws Refusal if there is no such site, or it has all of them
     */
    @Transactional
    @May(Permission.KEEP_HOLIDAYS)
    public void copy(long fromSiteId, long toSiteId) {
        organisation.requireSite(fromSiteId);
        organisation.requireSite(toSiteId);
        Set<String> there = namesAt(toSiteId);
        List<HolidayRule> missing = store.all().stream()
                .filter(rule -> rule.siteId() == fromSiteId)
                .filter(rule -> !there.contains(rule.rule().name()))
                .toList();
        if (missing.isEmpty()) {
            throw Refusal.of("fromSiteId", "That site has no yearly holiday that is not here already.");
        }
        missing.forEach(rule -> add(toSiteId, rule.rule()));
    }

    /** The countries and their regions whose holidays are known. */
    @May(Permission.KEEP_HOLIDAYS)
    public List<CountryHolidays.Place> countries() {
        return countries.all();
    }

    /**
     * The public holidays of a country or a part of it.
     *
     * @throws Refusal if there is no such country or region
     */
    @May(Permission.KEEP_HOLIDAYS)
    public List<CountryHolidays.Proposed> ofCountry(String country, List<String> path) {
        return countries.of(country, path, clock.today().getYear());
    }

    /**
     * Takes holidays of a country for a site: as rules where rules give them, else as single days of the next years.
     * Rules of the same name and days that are holidays already stay as they are.
     *
     * @param names of those that are wanted
     * @throws Refusal if there is no such site, country or region, or nothing new is wanted
     */
    @Transactional
    @May(Permission.KEEP_HOLIDAYS)
    public void takeFromCountry(long siteId, String country, List<String> path, Collection<String> names) {
        organisation.requireSite(siteId);
        Set<String> there = namesAt(siteId);
        HolidayCalendar days = holidays.calendars().getOrDefault(siteId, HolidayCalendar.NONE);
        int taken = 0;
        for (CountryHolidays.Proposed each : ofCountry(country, path)) {
            if (!names.contains(each.name()) || there.contains(each.name())) {
                continue;
            }
            if (each.rule() != null) {
                add(siteId, each.rule());
                taken++;
                continue;
            }
            for (LocalDate day : each.days()) {
                if (days.on(day).isEmpty()) {
                    holidays.add(siteId, day, new Holiday(each.name(), false));
                    taken++;
                }
            }
        }
        if (taken == 0) {
            throw Refusal.of("names", "Please choose at least one holiday that is not here already.");
        }
    }

    private Set<String> namesAt(long siteId) {
        return store.all().stream()
                .filter(rule -> rule.siteId() == siteId)
                .map(rule -> rule.rule().name())
                .collect(Collectors.toSet());
    }

    /** Changes a rule; days that were taken by it stay. */
    @Transactional
    @May(Permission.KEEP_HOLIDAYS)
    public HolidayRule change(long id, RuleForm rule) {
        HolidayRule before = get(id);
        rule.holiday();
        store.change(id, rule);
        audit.record(Thing.SITE, before.siteId(), "changed a yearly holiday", before.rule(), rule);
        return new HolidayRule(id, before.siteId(), rule);
    }

    /** Takes a rule away; days that were taken by it stay. */
    @Transactional
    @May(Permission.KEEP_HOLIDAYS)
    public void remove(long id) {
        HolidayRule before = get(id);
        store.remove(id);
        audit.record(Thing.SITE, before.siteId(), "took a yearly holiday away", before.rule(), null);
    }

    private HolidayRule get(long id) {
        return store.all().stream()
                .filter(rule -> rule.id() == id)
                .findFirst()
                .orElseThrow(() -> Refusal.notFound("yearly holiday"));
    }
}
