package upahead.server.payruns;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Component;
import upahead.core.calendar.HolidayCalendar;
import upahead.core.hours.WorkingDays;
import upahead.core.people.Employment;
import upahead.server.clock.MovableClock;
import upahead.server.holidays.Holidays;
import upahead.server.hours.RecordedHours;
import upahead.server.people.EmploymentType;
import upahead.server.people.People;
import upahead.server.people.PeopleQuery;
import upahead.server.people.Person;
import upahead.server.requests.RequestSummary;
import upahead.server.requests.Requests;
import upahead.server.words.Words;

/** Finds what stops the close of a run. */
@Component
class Blockers {

    private final PayRunStore store;
    private final Requests requests;
    private final RecordedHours hours;
    private final People people;
    private final Holidays holidays;
    private final MovableClock clock;

    Blockers(
            PayRunStore store,
            Requests requests,
            RecordedHours hours,
            People people,
            Holidays holidays,
            MovableClock clock) {
        this.store = store;
        this.requests = requests;
        this.hours = hours;
        this.people = people;
        this.holidays = holidays;
        this.clock = clock;
    }

    List<Blocker> of(PayRun run) {
        List<Blocker> blockers = new ArrayList<>();
        if (run.isClosed()) {
            return blockers;
        }
        if (!clock.today().isAfter(run.lastDay())) {
            blockers.add(new Blocker(
                    Blocker.Kind.PERIOD_NOT_OVER,
                    "The period runs until " + Words.day(run.lastDay()) + "; it can be closed the day after.",
                    null,
                    null,
                    run.lastDay()));
        }
        store.ofGroup(run.payGroupId()).stream()
                .filter(other -> !other.isClosed() && other.lastDay().isBefore(run.firstDay()))
                .forEach(other -> blockers.add(new Blocker(
                        Blocker.Kind.EARLIER_RUN_OPEN,
                        "The run before, " + Words.span(other.period()) + ", is not closed.",
                        null,
                        null,
                        other.lastDay())));
        requests.waitingWithin(run.payGroupId(), run.firstDay(), run.lastDay())
                .forEach(request -> blockers.add(waiting(request)));
        blockers.addAll(missingHours(run));
        return blockers;
    }

    private static Blocker waiting(RequestSummary request) {
        return new Blocker(
                Blocker.Kind.WAITING_REQUEST,
                request.person() + " waits for a decision on " + request.policy() + ".",
                request.personId(),
                request.id(),
                request.first());
    }

    private List<Blocker> missingHours(PayRun run) {
        Set<Long> present = hours.peopleWithHours(run.period());
        List<Person> missing = people.search(PeopleQuery.ofPayGroup(run.payGroupId(), run.lastDay())).stream()
                .filter(person -> person.employmentType() != EmploymentType.SALARIED)
                .filter(person -> person.isEmployedWithin(run.firstDay(), run.lastDay()))
                .filter(person -> !present.contains(person.id()))
                .toList();
        Map<Long, Employment> employments =
                people.employments(missing.stream().map(Person::id).toList());
        Map<Long, HolidayCalendar> calendars = holidays.calendars();
        return missing.stream()
                .filter(person -> !new WorkingDays(
                                employments.get(person.id()),
                                calendars.getOrDefault(person.siteId(), HolidayCalendar.NONE))
                        .within(run.period())
                        .isEmpty())
                .map(person -> new Blocker(
                        Blocker.Kind.MISSING_HOURS,
                        person.name() + " is scheduled in this period but has no hours.",
                        person.id(),
                        null,
                        run.lastDay()))
                .toList();
    }
}
