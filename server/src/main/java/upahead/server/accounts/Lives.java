package upahead.server.accounts;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import upahead.core.calendar.DateSpan;
import upahead.core.calendar.HolidayCalendar;
import upahead.core.calendar.PayCalendar;
import upahead.core.people.Employment;
import upahead.server.employment.Person;
import upahead.server.employment.Placement;

/**
 * Where and how people work, loaded for many of them at once.
 *
 * @param employments by the people's ids
 * @param placements by the people's ids
 * @param holidays by the sites' ids
 * @param payCalendars by the pay groups' ids
 * @param openSince the first day not closed, by the pay groups' ids; none where nothing is looked ahead at
 */
record Lives(
        Map<Long, Employment> employments,
        Map<Long, List<Placement>> placements,
        Map<Long, HolidayCalendar> holidays,
        Map<Long, PayCalendar> payCalendars,
        Map<Long, LocalDate> openSince) {

    Life of(Person person, Outlook outlook) {
        List<Placement> places = placements.get(person.id());
        PayCalendar payCalendar = WhereTheyWork.payCalendar(places, payCalendars);
        return new Life(
                employments.get(person.id()),
                payCalendar,
                WhereTheyWork.holidays(places, holidays),
                outlook.looksAhead() ? Optional.of(open(person, payCalendar, outlook)) : Optional.empty());
    }

    /** The days of a group without any run begin with its current period. */
    private DateSpan open(Person person, PayCalendar payCalendar, Outlook outlook) {
        LocalDate current = payCalendar.periodOf(outlook.today()).first();
        LocalDate first = openSince.getOrDefault(person.payGroupId(), current);
        return new DateSpan(DateSpan.earlier(first, outlook.expectedThrough()), outlook.expectedThrough());
    }
}
