package upahead.server.payruns;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import upahead.core.calendar.HolidayCalendar;
import upahead.core.hours.WorkingDays;
import upahead.core.people.Employment;
import upahead.core.quantity.Amount;
import upahead.server.accounts.Accounts;
import upahead.server.employment.EmploymentType;
import upahead.server.employment.People;
import upahead.server.employment.PeopleQuery;
import upahead.server.employment.Person;
import upahead.server.facts.hours.RecordedHours;
import upahead.server.holidays.Holidays;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.words.Words;
import upahead.server.requests.Requests;
import upahead.server.requests.leave.RequestSummary;

/** Finds what stops the close of a run. */
@Component
class Blockers {

    private static final int DAYS_NAMED = 4;

    private final PayRunStore store;
    private final Requests requests;
    private final RecordedHours hours;
    private final People people;
    private final Holidays holidays;
    private final MovableClock clock;
    private final Accounts accounts;
    private final PeopleInParts parts;

    Blockers(
            PayRunStore store,
            Requests requests,
            RecordedHours hours,
            People people,
            Holidays holidays,
            MovableClock clock,
            Accounts accounts,
            PeopleInParts parts) {
        this.store = store;
        this.requests = requests;
        this.hours = hours;
        this.people = people;
        this.holidays = holidays;
        this.clock = clock;
        this.accounts = accounts;
        this.parts = parts;
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
                request.person(),
                request.id(),
                request.first());
    }

    /** Scheduled days of people paid by the hour on which nothing stands: neither hours nor leave nor a holiday. */
    private List<Blocker> missingHours(PayRun run) {
        List<Person> group = people.search(PeopleQuery.ofPayGroup(run.payGroupId(), run.lastDay())).stream()
                .filter(person -> person.employmentType() != EmploymentType.SALARIED)
                .filter(person -> person.isEmployedWithin(run.firstDay(), run.lastDay()))
                .toList();
        Map<Long, HolidayCalendar> calendars = holidays.calendars();
        Map<Long, Blocker> found = new HashMap<>();
        parts.each(
                group,
                some -> missingHours(run, some, calendars),
                some -> some.forEach(blocker -> found.put(blocker.personId(), blocker)));
        return group.stream()
                .map(person -> found.get(person.id()))
                .filter(Objects::nonNull)
                .toList();
    }

    private List<Blocker> missingHours(PayRun run, List<Person> group, Map<Long, HolidayCalendar> calendars) {
        List<Long> ids = group.stream().map(Person::id).toList();
        Map<Long, Set<LocalDate>> recorded = hours.days(ids, run.period());
        Map<Long, Map<LocalDate, Amount>> leave = accounts.approvedLeaveHours(group);
        Map<Long, Employment> employments = people.employments(ids);
        List<Blocker> found = new ArrayList<>();
        for (Person person : group) {
            Set<LocalDate> filled = recorded.getOrDefault(person.id(), Set.of());
            Set<LocalDate> away = leave.getOrDefault(person.id(), Map.of()).keySet();
            WorkingDays workingDays = new WorkingDays(
                    employments.get(person.id()), calendars.getOrDefault(person.siteId(), HolidayCalendar.NONE));
            List<LocalDate> empty = workingDays
                    .within(run.period())
                    .filter(day -> !filled.contains(day) && !away.contains(day))
                    .toList();
            if (!empty.isEmpty()) {
                found.add(missing(person, empty, filled.isEmpty()));
            }
        }
        return found;
    }

    private static Blocker missing(Person person, List<LocalDate> empty, boolean everything) {
        return new Blocker(
                everything ? Blocker.Kind.MISSING_HOURS : Blocker.Kind.UNFINISHED_DAYS,
                everything
                        ? person.name() + " is scheduled in this period but has no hours."
                        : person.name() + " has neither hours nor leave on " + listed(empty) + ".",
                person.id(),
                person.name(),
                null,
                empty.get(0));
    }

    private static String listed(List<LocalDate> days) {
        String first = days.stream().limit(DAYS_NAMED).map(Words::day).collect(Collectors.joining(", "));
        return days.size() <= DAYS_NAMED ? first : first + " and " + (days.size() - DAYS_NAMED) + " more days";
    }
}
