package upahead.server.demo;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.calendar.DateSpan;
import upahead.core.calendar.HolidayCalendar;
import upahead.core.hours.Work;
import upahead.core.hours.WorkingDays;
import upahead.core.people.Employment;
import upahead.core.quantity.Amount;
import upahead.server.employment.People;
import upahead.server.employment.PeopleQuery;
import upahead.server.employment.Person;
import upahead.server.facts.hours.DaysWithTimes;
import upahead.server.holidays.Holidays;
import upahead.server.requests.LeaveOnCards;
import upahead.server.requests.leave.LeaveOnDay;

/** Makes the hours of a pay period as a time clock would deliver them. */
@Component
class DemoHours {

    private static final int EVERY_SO_OFTEN = 13;
    private static final String HEADING = "person,date,kind,hours\n";

    private final People people;
    private final Holidays holidays;
    private final LeaveOnCards leave;
    private final DaysWithTimes times;

    DemoHours(People people, Holidays holidays, LeaveOnCards leave, DaysWithTimes times) {
        this.times = times;
        this.people = people;
        this.holidays = holidays;
        this.leave = leave;
    }

    /** A CSV file with the hours of everybody in a pay group, but for who says times at a clock; leave taken out. */
    @Transactional(readOnly = true)
    String file(long payGroupId, DateSpan period) {
        List<Person> group = people.search(PeopleQuery.ofPayGroup(payGroupId));
        Map<Long, Employment> employments =
                people.employments(group.stream().map(Person::id).toList());
        Map<Long, HolidayCalendar> calendars = holidays.calendars();
        Map<Long, Map<LocalDate, Amount>> away = leaveHours(group, period);
        Map<Long, Set<LocalDate>> timed =
                times.daysWithTimes(group.stream().map(Person::id).toList(), period);
        StringBuilder file = new StringBuilder(HEADING);
        for (Person person : group) {
            WorkingDays days = new WorkingDays(employments.get(person.id()), calendars.get(person.siteId()));
            if (timed.containsKey(person.id())) {
                continue;
            }
            for (Work work : days.scheduledWork(period, away.getOrDefault(person.id(), Map.of()))) {
                row(file, person, work.on(), work.kind(), work.hours());
                if ((person.id() * 5 + work.on().toEpochDay()) % EVERY_SO_OFTEN == 0) {
                    row(file, person, work.on(), "overtime", Amount.of("1.5"));
                }
            }
        }
        return file.toString();
    }

    /** The clock knows who was away, also where nobody has decided about it yet. */
    private Map<Long, Map<LocalDate, Amount>> leaveHours(List<Person> group, DateSpan period) {
        Map<Long, Map<LocalDate, Amount>> hours = new HashMap<>();
        leave.of(group.stream().map(Person::id).toList(), period)
                .forEach((person, days) -> hours.put(
                        person,
                        days.stream().collect(Collectors.toMap(LeaveOnDay::on, LeaveOnDay::hours, Amount::plus))));
        return hours;
    }

    /** The same file with two faulty rows, to try what happens to them. */
    String fileWithFaults(long payGroupId, DateSpan period) {
        return file(payGroupId, period)
                + "B999," + period.first() + ",regular,8\n"
                + "B127," + period.last() + ",overtime,30\n";
    }

    private static void row(StringBuilder file, Person person, LocalDate on, String kind, Amount hours) {
        file.append(person.code())
                .append(',')
                .append(on)
                .append(',')
                .append(kind)
                .append(',')
                .append(hours)
                .append('\n');
    }
}
