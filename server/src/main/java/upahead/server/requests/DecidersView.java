package upahead.server.requests;

import java.time.LocalDate;
import java.util.List;
import org.springframework.stereotype.Component;
import upahead.core.calendar.DateSpan;
import upahead.server.employment.Reach;
import upahead.server.platform.clock.MovableClock;
import upahead.server.requests.ForDeciding.StaffedDay;
import upahead.server.requests.leave.RequestSummary;
import upahead.server.requests.leave.TakenStore;

/** Brings together what whoever decides looks at beside a request: the team on its days, the person in the last year. */
@Component
class DecidersView {

    private final TakenStore taken;
    private final Reach reach;
    private final MovableClock clock;

    DecidersView(TakenStore taken, Reach reach, MovableClock clock) {
        this.taken = taken;
        this.reach = reach;
        this.clock = clock;
    }

    ForDeciding of(RequestSummary request, RequestReviewer.Reviewed reviewed, boolean mayDecide) {
        if (!mayDecide && !reach.leads(request.personId())) {
            return ForDeciding.NOTHING;
        }
        LocalDate today = clock.today();
        return new ForDeciding(
                staffing(reviewed),
                taken.of(
                                List.of(request.personId()),
                                new DateSpan(today.minusYears(1).plusDays(1), today))
                        .getOrDefault(request.personId(), List.of()));
    }

    private static List<StaffedDay> staffing(RequestReviewer.Reviewed reviewed) {
        return reviewed.staffing().entrySet().stream()
                .map(each -> new StaffedDay(
                        each.getKey(),
                        each.getValue().there(),
                        each.getValue().scheduled(),
                        each.getValue().needed() == 0 ? null : each.getValue().needed(),
                        each.getValue().isShort()))
                .toList();
    }
}
