package upahead.server.requests;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import upahead.core.calendar.DateSpan;
import upahead.core.people.Employment;
import upahead.core.staffing.Staffing;
import upahead.server.employment.People;
import upahead.server.employment.Person;
import upahead.server.employment.Reach;
import upahead.server.platform.clock.MovableClock;
import upahead.server.requests.ForDeciding.StaffedDay;
import upahead.server.requests.absences.WhoIsAway;
import upahead.server.requests.leave.RequestState;
import upahead.server.requests.leave.RequestSummary;
import upahead.server.requests.leave.TakenStore;

/** Brings together what whoever decides looks at beside a request: the team on its days, the person in the last year. */
@Component
class DecidersView {

    private final WhoIsAway absences;
    private final TakenStore taken;
    private final People people;
    private final Reach reach;
    private final MovableClock clock;

    DecidersView(WhoIsAway absences, TakenStore taken, People people, Reach reach, MovableClock clock) {
        this.absences = absences;
        this.taken = taken;
        this.people = people;
        this.reach = reach;
        this.clock = clock;
    }

    ForDeciding of(RequestSummary request, RequestReview review, boolean mayDecide) {
        if (!mayDecide && !reach.leads(request.personId())) {
            return ForDeciding.NOTHING;
        }
        LocalDate today = clock.today();
        return new ForDeciding(
                request.state() == RequestState.WAITING ? staffing(request, review) : List.of(),
                taken.of(request.personId(), new DateSpan(today.minusYears(1).plusDays(1), today)));
    }

    private List<StaffedDay> staffing(RequestSummary request, RequestReview review) {
        Person person = people.get(request.personId());
        Employment employment = people.employments(List.of(person.id())).get(person.id());
        Map<LocalDate, Staffing> staffing = absences.staffing(
                person, review.days().stream().map(DayView::on).toList());
        return review.days().stream()
                .filter(day -> day.hours().isPositive() && staffing.containsKey(day.on()))
                .map(day -> {
                    Staffing without = staffing.get(day.on())
                            .with(Staffing.part(day.hours(), employment.scheduledHours(day.on())));
                    return new StaffedDay(
                            day.on(),
                            without.there(),
                            without.scheduled(),
                            without.needed() == 0 ? null : without.needed(),
                            without.isShort());
                })
                .toList();
    }
}
