package upahead.server.road;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.calendar.DateSpan;
import upahead.core.calendar.PayCalendar;
import upahead.server.holidays.HolidayView;
import upahead.server.holidays.Holidays;
import upahead.server.organisation.Organisation;
import upahead.server.organisation.PayGroup;
import upahead.server.payruns.PayRun;
import upahead.server.payruns.PayRuns;
import upahead.server.payruns.RunState;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.platform.words.Words;
import upahead.server.policies.Policies;
import upahead.server.road.RoadView.Kind;
import upahead.server.road.RoadView.Mark;
import upahead.server.road.RoadView.Segment;
import upahead.server.road.RoadView.State;

/** Lays out the road of a pay group. */
@Service
public class Road {

    private static final int MONTHS_BEHIND = 4;
    private static final int MONTHS_AHEAD = 6;

    private final Organisation organisation;
    private final PayRuns runs;
    private final Holidays holidays;
    private final Policies policies;
    private final MovableClock clock;

    Road(Organisation organisation, PayRuns runs, Holidays holidays, Policies policies, MovableClock clock) {
        this.organisation = organisation;
        this.runs = runs;
        this.holidays = holidays;
        this.policies = policies;
        this.clock = clock;
    }

    /** The road of a group, or of the first group where none is named. */
    @Transactional(readOnly = true)
    @May(Permission.RUN_PAYROLL)
    public RoadView of(Long payGroupId) {
        LocalDate today = clock.today();
        List<PayGroup> groups = organisation.payGroups();
        if (groups.isEmpty()) {
            return new RoadView(null, null, null, today, List.of(), List.of());
        }
        PayGroup group = payGroupId == null ? groups.get(0) : organisation.payGroup(payGroupId);
        Map<LocalDate, PayRun> byFirstDay =
                runs.ofGroup(group.id()).stream().collect(Collectors.toMap(PayRun::firstDay, run -> run));
        List<Segment> segments = segments(group, today, byFirstDay);
        DateSpan shown = new DateSpan(
                segments.get(0).first(), segments.get(segments.size() - 1).last());
        return new RoadView(
                group.id(),
                group.name(),
                group.calendar().every(),
                today,
                segments,
                marks(shown, payDays(group, segments, byFirstDay)));
    }

    private static List<Segment> segments(PayGroup group, LocalDate today, Map<LocalDate, PayRun> byFirstDay) {
        DateSpan shown = new DateSpan(today.minusMonths(MONTHS_BEHIND), today.plusMonths(MONTHS_AHEAD));
        PayCalendar calendar = group.calendar();
        return calendar.periodsTouching(shown)
                .map(period -> segment(period, byFirstDay.get(period.first())))
                .toList();
    }

    /** When each period is paid: those that have begun by their runs, those ahead by the rule of the group. */
    private static List<Mark> payDays(PayGroup group, List<Segment> segments, Map<LocalDate, PayRun> byFirstDay) {
        return segments.stream()
                .map(segment -> {
                    DateSpan period = new DateSpan(segment.first(), segment.last());
                    PayRun run = byFirstDay.get(segment.first());
                    LocalDate on = run == null ? group.payDay().of(period) : run.paysOn();
                    return new Mark(on, Kind.PAY_DAY, Words.span(period) + " is paid");
                })
                .toList();
    }

    private static Segment segment(DateSpan period, PayRun run) {
        State state = run == null ? State.AHEAD : run.state() == RunState.CLOSED ? State.CLOSED : State.GATHERING;
        return new Segment(period.first(), period.last(), state, run == null ? null : run.id());
    }

    private List<Mark> marks(DateSpan shown, List<Mark> payDays) {
        List<Mark> marks = new ArrayList<>(
                payDays.stream().filter(mark -> shown.contains(mark.on())).toList());
        holidays.all().stream()
                .filter(holiday -> shown.contains(holiday.on()))
                .collect(Collectors.toMap(HolidayView::on, HolidayView::name, (one, other) -> one))
                .forEach((on, name) -> marks.add(new Mark(on, Kind.HOLIDAY, name)));
        holidays.protectedDates().stream()
                .filter(dates -> shown.contains(dates.starts()))
                .forEach(dates -> marks.add(new Mark(
                        dates.starts(),
                        Kind.PROTECTED,
                        dates.reason() + (dates.team() == null ? "" : " (" + dates.team() + ")"))));
        policies.all().forEach(policy -> policy.versions().stream()
                .filter(version -> version.starts() != null && shown.contains(version.starts()))
                .forEach(version -> marks.add(new Mark(version.starts(), Kind.POLICY, policy.name() + " changes"))));
        marks.sort(Comparator.comparing(Mark::on).thenComparing(Mark::text));
        return marks;
    }
}
