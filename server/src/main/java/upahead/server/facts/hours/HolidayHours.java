package upahead.server.facts.hours;

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
import upahead.core.people.Employment;
import upahead.core.quantity.Amount;
import upahead.server.employment.EmploymentType;
import upahead.server.employment.People;
import upahead.server.employment.Person;
import upahead.server.employment.Placement;
import upahead.server.facts.awards.Awards;
import upahead.server.holidays.HolidayPay;
import upahead.server.holidays.HolidayPayments;
import upahead.server.holidays.Holidays;

/**
 * The paid hours of holidays, which stand on time cards and go to payroll without anyone typing: those of each holiday of
 * the site at which somebody works that day, as the site pays them, and those awarded for extra days.
 */
@Service
public class HolidayHours {

    private final HolidayPayments payments;
    private final Holidays holidays;
    private final Awards awards;
    private final People people;

    HolidayHours(HolidayPayments payments, Holidays holidays, Awards awards, People people) {
        this.payments = payments;
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
        Map<Long, HolidayCalendar> calendars = holidays.calendars();
        Map<Long, List<Work>> awarded = awards.hours(ids);
        boolean hasHoliday = calendars.values().stream()
                .anyMatch(calendar -> !calendar.datesWithin(days).isEmpty());
        if (!hasHoliday && awarded.isEmpty()) {
            return Map.of();
        }
        Map<Long, Employment> employments = people.employments(ids);
        Map<Long, List<Placement>> placements = people.placements(ids);
        Map<Long, HolidayPay> pay = payments.payBySite();
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
            Amount hours = pay.hours(holiday, on, employment, calendar);
            if (hours.isPositive()) {
                paid.add(new PaidHoliday(on, holiday.name(), hours, pay.payrollCode()));
            }
        }
        return paid;
    }
}
