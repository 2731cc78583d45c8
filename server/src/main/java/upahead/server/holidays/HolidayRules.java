package upahead.server.holidays;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SortedMap;
import java.util.stream.Collectors;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.calendar.HolidayCalendar;
import upahead.core.calendar.HolidayCalendar.Holiday;
import upahead.core.calendar.YearlyHoliday;
import upahead.server.audit.Audit;
import upahead.server.audit.Thing;
import upahead.server.clock.MovableClock;
import upahead.server.holidays.YearPreview.PreviewDay;
import upahead.server.holidays.YearPreview.State;
import upahead.server.people.Organisation;
import upahead.server.problems.Refusal;

/** Rules by which holidays come every year; the days they give count once they were looked at and taken. */
@Service
public class HolidayRules {

    private static final int MOST_YEARS_AHEAD = 10;

    private final HolidayRuleStore store;
    private final Holidays holidays;
    private final Organisation organisation;
    private final Audit audit;
    private final MovableClock clock;

    HolidayRules(
            HolidayRuleStore store, Holidays holidays, Organisation organisation, Audit audit, MovableClock clock) {
        this.store = store;
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
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public HolidayRule add(long siteId, RuleForm rule) {
        requireSite(siteId);
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
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public void copy(long fromSiteId, long toSiteId) {
        requireSite(fromSiteId);
        requireSite(toSiteId);
        Set<String> there = store.all().stream()
                .filter(rule -> rule.siteId() == toSiteId)
                .map(rule -> rule.rule().name())
                .collect(Collectors.toSet());
        List<HolidayRule> missing = store.all().stream()
                .filter(rule -> rule.siteId() == fromSiteId)
                .filter(rule -> !there.contains(rule.rule().name()))
                .toList();
        if (missing.isEmpty()) {
            throw Refusal.of("fromSiteId", "That site has no yearly holiday that is not here already.");
        }
        missing.forEach(rule -> add(toSiteId, rule.rule()));
    }

    /** Changes a rule; days that were taken by it stay. */
    @Transactional
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public HolidayRule change(long id, RuleForm rule) {
        HolidayRule before = get(id);
        rule.holiday();
        store.change(id, rule);
        audit.record(Thing.SITE, before.siteId(), "changed a yearly holiday", before.rule(), rule);
        return new HolidayRule(id, before.siteId(), rule);
    }

    /** Takes a rule away; days that were taken by it stay. */
    @Transactional
    @PreAuthorize("hasRole('ADMINISTRATOR')")
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

    private void requireSite(long siteId) {
        if (organisation.sites().stream().noneMatch(site -> site.id() == siteId)) {
            throw Refusal.of("siteId", "There is no such site.");
        }
    }

    /** What the rules of a site give for a year, beside what is there already. */
    @Transactional(readOnly = true)
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public YearPreview preview(long siteId, int year) {
        requireYear(year);
        return new YearPreview(beside(siteId, year(siteId, year)), List.of());
    }

    /** The days beside the holidays a site has. */
    List<PreviewDay> beside(long siteId, Map<LocalDate, Holiday> days) {
        HolidayCalendar there = holidays.calendars().getOrDefault(siteId, HolidayCalendar.NONE);
        return days.entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .map(each -> day(each.getKey(), each.getValue(), there.on(each.getKey())))
                .toList();
    }

    private static PreviewDay day(LocalDate on, Holiday holiday, Optional<Holiday> there) {
        State state = there.map(other -> other.equals(holiday) ? State.SAME : State.TAKEN)
                .orElse(State.NEW);
        return new PreviewDay(
                on,
                holiday.name(),
                holiday.half(),
                state,
                there.map(Holiday::name).orElse(null));
    }

    /** Takes the days of a year; those on which another holiday stands are left out. */
    @Transactional
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public YearPreview take(long siteId, int year) {
        requireYear(year);
        SortedMap<LocalDate, Holiday> days = year(siteId, year);
        List<PreviewDay> beside = beside(siteId, days);
        add(siteId, beside);
        return new YearPreview(beside, List.of());
    }

    /** Adds the days that are new. */
    void add(long siteId, Collection<PreviewDay> days) {
        days.stream()
                .filter(day -> day.state() == State.NEW)
                .forEach(day -> holidays.add(siteId, day.on(), new Holiday(day.name(), day.half())));
    }

    private void requireYear(int year) {
        int thisYear = clock.today().getYear();
        if (year < thisYear - 1 || year > thisYear + MOST_YEARS_AHEAD) {
            throw Refusal.of("year", "Please choose a year up to " + (thisYear + MOST_YEARS_AHEAD) + ".");
        }
    }

    private SortedMap<LocalDate, Holiday> year(long siteId, int year) {
        List<YearlyHoliday> rules = store.all().stream()
                .filter(rule -> rule.siteId() == siteId)
                .map(rule -> rule.rule().holiday())
                .toList();
        return YearlyHoliday.in(year, rules);
    }

    /** How the holidays of each site are paid. */
    @Transactional(readOnly = true)
    public List<HolidayPay> payOfAll() {
        Map<Long, HolidayPay> said = store.pay();
        return organisation.sites().stream()
                .map(site -> said.getOrDefault(site.id(), HolidayPay.usual(site.id())))
                .toList();
    }

    /**
     * @throws Refusal if there is no such site or the hours are not between 0 and 24
     */
    @Transactional
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public HolidayPay setPay(HolidayPay pay) {
        requireSite(pay.siteId());
        Holidays.requireHours(pay.fixedHours());
        HolidayPay before = store.pay().getOrDefault(pay.siteId(), HolidayPay.usual(pay.siteId()));
        store.setPay(pay);
        audit.record(Thing.SITE, pay.siteId(), "changed how holidays are paid", before, pay);
        return pay;
    }
}
