package upahead.server.holidays;

import java.math.RoundingMode;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.calendar.DateSpan;
import upahead.core.calendar.HolidayCalendar;
import upahead.core.calendar.HolidayCalendar.Holiday;
import upahead.core.hours.Work;
import upahead.core.hours.WorkingDays;
import upahead.core.people.Employment;
import upahead.core.quantity.Amount;
import upahead.server.people.EmploymentType;
import upahead.server.people.People;
import upahead.server.people.Person;
import upahead.server.people.Placement;

/**
 * The paid hours of holidays, which stand on time cards and go to payroll without anyone typing: those of each holiday of
 * the site at which somebody works that day, as the site pays them, and those awarded for extra days.
 */
@Service
public class HolidayHours {

    private static final Amount HALF = Amount.of("0.5");
    private static final int DECIMALS = 2;

    private final HolidayRuleStore rules;
    private final Holidays holidays;
    private final AwardStore awards;
    private final People people;

    HolidayHours(HolidayRuleStore rules, Holidays holidays, AwardStore awards, People people) {
        this.rules = rules;
        this.holidays = holidays;
        this.awards = awards;
        this.people = people;
    }

    /**
     * Paid hours of one holiday.
     *
     * @param name of the holiday or award
     * @param payrollCode under which payroll gets them
     */
    public record PaidHoliday(LocalDate on, String name, Amount hours, String payrollCode) {}

    /** The paid holidays of some people within some days, by their ids, in order of time. */
    @Transactional(readOnly = true)
    public Map<Long, List<PaidHoliday>> of(Collection<Person> some, DateSpan days) {
        List<Long> ids = some.stream().map(Person::id).toList();
        Map<Long, Employment> employments = people.employments(ids);
        Map<Long, List<Placement>> placements = people.placements(ids);
        Map<Long, HolidayCalendar> calendars = holidays.calendars();
        Map<Long, HolidayPay> pay = rules.pay();
        Map<Long, List<Work>> awarded = awards.hours(ids);
        Map<Long, List<PaidHoliday>> paid = new HashMap<>();
        for (Person person : some) {
            List<PaidHoliday> own = new ArrayList<>();
            for (Placement place : placements.get(person.id())) {
                place.days()
                        .intersection(days)
                        .ifPresent(span -> own.addAll(ofPlace(
                                place,
                                span,
                                employments.get(person.id()),
                                calendars.getOrDefault(place.placing().siteId(), HolidayCalendar.NONE),
                                pay.getOrDefault(
                                        place.placing().siteId(),
                                        HolidayPay.usual(place.placing().siteId())))));
            }
            awarded.getOrDefault(person.id(), List.of()).stream()
                    .filter(work -> days.contains(work.on()))
                    .map(work -> new PaidHoliday(
                            work.on(),
                            "Awarded",
                            work.hours(),
                            pay.getOrDefault(person.siteId(), HolidayPay.usual(person.siteId()))
                                    .payrollCode()))
                    .forEach(own::add);
            if (!own.isEmpty()) {
                paid.put(person.id(), own);
            }
        }
        return paid;
    }

    private static List<PaidHoliday> ofPlace(
            Placement place, DateSpan span, Employment employment, HolidayCalendar calendar, HolidayPay pay) {
        EmploymentType type = place.placing().employmentType();
        if (!pay.employmentTypes().contains(type)) {
            return List.of();
        }
        List<PaidHoliday> paid = new ArrayList<>();
        for (LocalDate on : calendar.datesWithin(span)) {
            Holiday holiday = calendar.on(on).orElseThrow();
            Amount hours = hours(holiday, on, employment, calendar, pay);
            if (hours.isPositive()) {
                paid.add(new PaidHoliday(on, holiday.name(), hours, pay.payrollCode()));
            }
        }
        return paid;
    }

    private static Amount hours(
            Holiday holiday, LocalDate on, Employment employment, HolidayCalendar calendar, HolidayPay pay) {
        boolean employed = !on.isBefore(employment.hired())
                && employment.leaves().filter(on::isAfter).isEmpty()
                && employment.pauses().stream().noneMatch(pause -> pause.contains(on));
        if (!employed) {
            return Amount.ZERO;
        }
        if (pay.fixedHours() == null) {
            return new WorkingDays(employment, calendar).holidayHours(on);
        }
        Amount whole = pay.byFte() ? pay.fixedHours().times(employment.fteOn(on)) : pay.fixedHours();
        return toHundredths(holiday.half() ? whole.times(HALF) : whole);
    }

    /** Hours as they stand on a time card. */
    static Amount toHundredths(Amount hours) {
        return new Amount(hours.value().setScale(DECIMALS, RoundingMode.HALF_UP));
    }
}
