package upahead.server.requests;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import upahead.core.calendar.DateSpan;
import upahead.core.calendar.HolidayCalendar.Holiday;
import upahead.core.leave.Taken;
import upahead.core.ledger.Account;
import upahead.core.ledger.RequestProblem;
import upahead.core.quantity.Amount;
import upahead.core.staffing.Staffing;
import upahead.server.accounts.Balances;
import upahead.server.accounts.Outlook;
import upahead.server.accounts.PersonAccount;
import upahead.server.employment.DayTimes;
import upahead.server.employment.People;
import upahead.server.employment.Person;
import upahead.server.employment.WorkingTimes;
import upahead.server.platform.clock.MovableClock;
import upahead.server.requests.RequestReview.Problem;
import upahead.server.requests.absences.WhoIsAway;
import upahead.server.requests.leave.LeaveDay;
import upahead.server.requests.leave.LeaveDayStore;
import upahead.server.requests.leave.RequestDraft;
import upahead.server.requests.leave.RequestListStore;
import upahead.server.requests.leave.RequestState;
import upahead.server.requests.leave.RequestSummary;

/** Says of a request, sent or not, what it costs day by day, what remains and what stands against it. */
@Component
class RequestReviewer {

    /**
     * A review and what it was made of.
     *
     * @param days as they are stored when the request is sent
     * @param staffing of the person's team on those of its days for which it is said how many are needed, the leave taken
     */
    record Reviewed(RequestReview review, List<LeaveDay> days, Map<LocalDate, Staffing> staffing) {}

    private final RequestListStore lists;
    private final LeaveDayStore leaveDays;
    private final RulesOfRequests rules;
    private final WhoIsAway absences;
    private final CostOfDays costs;
    private final WorkingTimes workingTimes;
    private final Balances balances;
    private final People people;
    private final MovableClock clock;

    RequestReviewer(
            RequestListStore lists,
            LeaveDayStore leaveDays,
            RulesOfRequests rules,
            WhoIsAway absences,
            CostOfDays costs,
            WorkingTimes workingTimes,
            Balances balances,
            People people,
            MovableClock clock) {
        this.lists = lists;
        this.leaveDays = leaveDays;
        this.rules = rules;
        this.absences = absences;
        this.costs = costs;
        this.workingTimes = workingTimes;
        this.balances = balances;
        this.people = people;
        this.clock = clock;
    }

    /** Reviews leave that is about to be asked for. */
    Reviewed review(RequestDraft draft) {
        return review(draft, false);
    }

    /** Reviews leave that an administrator is about to enter, also for days gone by. */
    Reviewed reviewEntry(RequestDraft draft) {
        return review(draft, true);
    }

    private Reviewed review(RequestDraft draft, boolean entered) {
        rules.requireSensibleDays(draft);
        PersonAccount account = account(draft);
        List<LeaveDay> days = costs.of(account, draft);
        List<Problem> problems = new ArrayList<>(rules.broken(account, days, draft.note()));
        if (!entered) {
            problems.addAll(rules.ofAsking(account.policy(), days));
            problems.addAll(rules.missing(account.policy(), days, draft));
        }
        problems.addAll(rules.overlaps(draft));
        Map<LocalDate, Staffing> staffing = rules.staffing(account, days);
        problems.addAll(rules.shortStaffing(account.person(), staffing));
        return new Reviewed(review(account, days, problems, null, draft.replaces()), days, staffing);
    }

    /** Reviews a request that was sent. */
    Reviewed review(RequestSummary request) {
        List<LeaveDay> days = leaveDays.of(request.id());
        PersonAccount account = account(people.get(request.personId()), request.policyId(), request.last());
        List<Problem> problems = new ArrayList<>();
        Map<LocalDate, Staffing> staffing = Map.of();
        if (request.state() == RequestState.WAITING) {
            staffing = rules.staffing(account, days);
            problems.addAll(rules.protectedDays(account.person(), days));
            problems.addAll(rules.shortStaffing(account.person(), staffing));
        }
        return new Reviewed(review(account, days, problems, request, request.id()), days, staffing);
    }

    private RequestReview review(
            PersonAccount account, List<LeaveDay> days, List<Problem> problems, RequestSummary request, Long itself) {
        boolean undecided = request == null || request.state() == RequestState.WAITING;
        List<Taken> asked = days.stream()
                .filter(day -> undecided && day.amount().isPositive())
                .map(day -> new Taken(day.on(), day.amount()))
                .toList();
        LocalDate first = days.get(0).on();
        AskedLeave leave =
                new AskedLeave(account, asked, days.get(days.size() - 1).on());
        List<RequestProblem> found = leave.problems();
        found.stream()
                .map(problem -> RequestWords.of(problem, account.policy().unit()))
                .forEach(problems::add);
        problems.sort(Comparator.comparing(Problem::on, Comparator.nullsFirst(Comparator.naturalOrder())));
        DateSpan span = new DateSpan(first, days.get(days.size() - 1).on());
        Map<LocalDate, DayTimes> scheduled = workingTimes.of(
                account.person().id(), days.stream().map(LeaveDay::on).toList());
        Map<LocalDate, WhoIsAway.Others> others = absences.besides(account.person(), span);
        return new RequestReview(
                account.policy().unit(),
                Amount.sum(days.stream().map(LeaveDay::amount).toList()),
                leave.askable(first).orElse(null),
                leave.yearEnds(),
                leave.left(leave.yearEnds()).orElse(null),
                waitingElsewhere(account, itself),
                days.stream()
                        .map(day -> view(
                                day,
                                account.account(),
                                scheduled.get(day.on()),
                                leave.left(day.on()).orElse(null),
                                others.getOrDefault(day.on(), WhoIsAway.Others.NONE)))
                        .toList(),
                List.copyOf(problems),
                found.isEmpty() || account.policy().recordedOnly() ? null : leave.affordable());
    }

    private static DayView view(
            LeaveDay day, Account account, DayTimes scheduled, Amount left, WhoIsAway.Others others) {
        return new DayView(
                day.on(),
                day.part(),
                day.hours(),
                day.between(),
                scheduled,
                day.amount(),
                day.because(),
                account.holidays().on(day.on()).map(Holiday::name).orElse(null),
                left,
                others.away(),
                others.asking(),
                day.decision());
    }

    private Amount waitingElsewhere(PersonAccount account, Long itself) {
        return Amount.sum(lists.ofPerson(account.person().id(), Integer.MAX_VALUE).stream()
                .filter(other -> other.state() == RequestState.WAITING
                        && other.policyId() == account.policy().id()
                        && (itself == null || other.id() != itself))
                .map(RequestSummary::total)
                .toList());
    }

    private PersonAccount account(RequestDraft draft) {
        LocalDate last = draft.days().get(draft.days().size() - 1).on();
        return account(people.get(draft.personId()), draft.policyId(), last);
    }

    /** The account with facts forecast through the year after the last day, so that later booked leave is checked. */
    private PersonAccount account(Person person, long policyId, LocalDate last) {
        LocalDate horizon = Optional.of(last)
                .filter(clock.today()::isBefore)
                .orElse(clock.today())
                .plusYears(2);
        return balances.account(person, policyId, Outlook.ahead(clock.today(), horizon));
    }
}
