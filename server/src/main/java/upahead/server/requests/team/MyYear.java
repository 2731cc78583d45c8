package upahead.server.requests.team;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.calendar.DateSpan;
import upahead.core.calendar.HolidayCalendar;
import upahead.core.quantity.Amount;
import upahead.server.employment.People;
import upahead.server.employment.Placement;
import upahead.server.employment.Placing;
import upahead.server.holidays.Holidays;
import upahead.server.holidays.ProtectedDate;
import upahead.server.platform.clock.Sight;
import upahead.server.requests.leave.Decision;
import upahead.server.requests.leave.LeaveDay;
import upahead.server.requests.leave.LeaveDayStore;
import upahead.server.requests.leave.RequestListStore;
import upahead.server.requests.leave.RequestState;
import upahead.server.requests.leave.RequestSummary;
import upahead.server.requests.team.YearView.YearDay;
import upahead.server.requests.team.YearView.YearLeave;
import upahead.server.requests.team.YearView.YearTotal;

/** Twelve months of one person: own leave, the holidays of the site, protected dates, and what it comes to. */
@Service
public class MyYear {

    private final RequestListStore requests;
    private final LeaveDayStore leaveDays;
    private final People people;
    private final Holidays holidays;
    private final Sight sight;

    MyYear(RequestListStore requests, LeaveDayStore leaveDays, People people, Holidays holidays, Sight sight) {
        this.requests = requests;
        this.leaveDays = leaveDays;
        this.people = people;
        this.holidays = holidays;
        this.sight = sight;
    }

    /**
     * The twelve months from the month of a day on.
     *
     * @param from any day of the first month
     */
    @Transactional(readOnly = true)
    @PreAuthorize("@reach.person(#personId)")
    public YearView of(long personId, LocalDate from) {
        sight.require(from);
        LocalDate first = from.withDayOfMonth(1);
        DateSpan year = new DateSpan(first, first.plusYears(1).minusDays(1));
        Map<LocalDate, List<YearLeave>> leave = new TreeMap<>();
        Map<Long, YearTotal> totals = new TreeMap<>();
        Map<Long, List<LeaveDay>> asked = leaveDays.ofPerson(personId);
        for (RequestSummary request : requests.ofPerson(personId, Integer.MAX_VALUE)) {
            for (LeaveDay day : asked.getOrDefault(request.id(), List.of())) {
                if (year.contains(day.on()) && counts(request, day)) {
                    boolean approved = day.decision() == Decision.APPROVED;
                    leave.computeIfAbsent(day.on(), unused -> new ArrayList<>())
                            .add(new YearLeave(
                                    request.id(), request.policyId(), request.policy(), day.part(), approved));
                    totals.merge(request.policyId(), total(request, day, approved), MyYear::sum);
                }
            }
        }
        return new YearView(
                year.first(),
                year.last(),
                days(personId, year, leave),
                totals.values().stream()
                        .sorted(Comparator.comparing(YearTotal::policy))
                        .toList());
    }

    /** Approved days, and those that wait; a day that costs nothing is none. */
    private static boolean counts(RequestSummary request, LeaveDay day) {
        boolean waits = request.state() == RequestState.WAITING && day.decision() == null;
        return day.hours().isPositive() && (waits || day.decision() == Decision.APPROVED);
    }

    private static YearTotal total(RequestSummary request, LeaveDay day, boolean approved) {
        return new YearTotal(
                request.policyId(),
                request.policy(),
                request.unit(),
                approved ? day.amount() : Amount.ZERO,
                approved ? Amount.ZERO : day.amount());
    }

    private static YearTotal sum(YearTotal one, YearTotal other) {
        return new YearTotal(
                one.policyId(),
                one.policy(),
                one.unit(),
                one.approved().plus(other.approved()),
                one.waiting().plus(other.waiting()));
    }

    private List<YearDay> days(long personId, DateSpan year, Map<LocalDate, List<YearLeave>> leave) {
        List<Placement> placements = people.placements(List.of(personId)).getOrDefault(personId, List.of());
        Map<Long, HolidayCalendar> calendars = holidays.calendars();
        List<ProtectedDate> protectedDates = holidays.protectedDates();
        return year.dates()
                .map(day -> day(
                        day,
                        placements.stream()
                                .filter(placement -> placement.days().contains(day))
                                .map(Placement::placing)
                                .findFirst(),
                        calendars,
                        protectedDates,
                        leave.getOrDefault(day, List.of())))
                .filter(day -> day.holiday() != null
                        || day.protectedFor() != null
                        || !day.leave().isEmpty())
                .toList();
    }

    private static YearDay day(
            LocalDate day,
            Optional<Placing> where,
            Map<Long, HolidayCalendar> calendars,
            List<ProtectedDate> protectedDates,
            List<YearLeave> leave) {
        Optional<HolidayCalendar.Holiday> holiday = where.flatMap(placing ->
                calendars.getOrDefault(placing.siteId(), HolidayCalendar.NONE).on(day));
        Optional<ProtectedDate> dates = where.flatMap(placing -> protectedDates.stream()
                .filter(each -> each.holdsFor(day, placing.teamId()))
                .findFirst());
        return new YearDay(
                day,
                holiday.map(HolidayCalendar.Holiday::name).orElse(null),
                dates.map(ProtectedDate::reason).orElse(null),
                leave);
    }
}
