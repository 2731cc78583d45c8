package upahead.server.cards.days;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import upahead.core.calendar.HolidayCalendar;
import upahead.core.calendar.HolidayCalendar.Holiday;
import upahead.core.hours.WorkingDays;
import upahead.core.people.Employment;
import upahead.core.quantity.Amount;
import upahead.server.cards.rules.CardRules;
import upahead.server.employment.EmploymentType;
import upahead.server.employment.Placement;
import upahead.server.employment.Placing;

/** What somebody's cards are held against: employment, schedule, holidays, the clock of the site and the group's rules. */
public final class WorkingLife {

    private final Employment employment;
    private final List<Placement> placements;
    private final Map<Long, HolidayCalendar> calendars;
    private final Map<Long, ZoneId> zones;
    private final List<CardRules> rules;

    WorkingLife(
            Employment employment,
            List<Placement> placements,
            Map<Long, HolidayCalendar> calendars,
            Map<Long, ZoneId> zones,
            List<CardRules> rules) {
        this.employment = employment;
        this.placements = placements;
        this.calendars = calendars;
        this.zones = zones;
        this.rules = rules;
    }

    public boolean isEmployedOn(LocalDate day) {
        return employment.isEmployedOn(day);
    }

    /** The hours to be worked on a day by schedule and holidays; leave is not minded. */
    public Amount capacity(LocalDate day) {
        return isEmployedOn(day) ? workingDays(day).hoursOn(day) : Amount.ZERO;
    }

    /** The hours of the schedule, whatever the holidays. */
    public Amount scheduled(LocalDate day) {
        return isEmployedOn(day) ? employment.scheduledHours(day) : Amount.ZERO;
    }

    public Optional<Holiday> holiday(LocalDate day) {
        return calendar(day).on(day);
    }

    public ZoneId zone(LocalDate day) {
        return zones.get(placing(day).siteId());
    }

    public long payGroupId(LocalDate day) {
        return placing(day).payGroupId();
    }

    /** Whether hours have to stand on every scheduled day: not for people on a salary. */
    public boolean needsHours(LocalDate day) {
        return placing(day).employmentType() != EmploymentType.SALARIED;
    }

    /** The rules of the group in which somebody is paid on a day. */
    public CardRules rules(LocalDate day) {
        long group = payGroupId(day);
        return rules.stream()
                .filter(each -> each.payGroupId() == group && !each.starts().isAfter(day))
                .reduce((earlier, later) -> later)
                .orElseGet(() -> CardRules.usual(group));
    }

    private WorkingDays workingDays(LocalDate day) {
        return new WorkingDays(employment, calendar(day));
    }

    private HolidayCalendar calendar(LocalDate day) {
        return calendars.getOrDefault(placing(day).siteId(), HolidayCalendar.NONE);
    }

    private Placing placing(LocalDate day) {
        return placements.stream()
                .filter(each -> each.days().contains(day))
                .findFirst()
                .orElseThrow()
                .placing();
    }
}
