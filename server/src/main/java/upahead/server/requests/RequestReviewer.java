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
import upahead.core.hours.WorkingDays;
import upahead.core.leave.LeaveCosting;
import upahead.core.leave.LeaveCosting.DayCost;
import upahead.core.leave.Taken;
import upahead.core.ledger.Account;
import upahead.core.ledger.RequestProblem;
import upahead.core.quantity.Amount;
import upahead.server.accounts.Balances;
import upahead.server.accounts.Outlook;
import upahead.server.accounts.PersonAccount;
import upahead.server.employment.People;
import upahead.server.employment.Person;
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

    /** A review, and the days as they are stored when the request is sent. */
    record Reviewed(RequestReview review, List<LeaveDay> days) {}

    private final RequestListStore lists;
    private final LeaveDayStore leaveDays;
    private final RulesOfRequests rules;
    private final WhoIsAway absences;
    private final Balances balances;
    private final People people;
    private final MovableClock clock;

    RequestReviewer(
            RequestListStore lists,
            LeaveDayStore leaveDays,
            RulesOfRequests rules,
            WhoIsAway absences,
            Balances balances,
            People people,
            MovableClock clock) {
        this.lists = lists;
        this.leaveDays = leaveDays;
        this.rules = rules;
        this.absences = absences;
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
        LeaveCosting costing = costing(account);
        List<LeaveDay> days = draft.days().stream()
                .map(day -> stored(day.part(), costing.cost(day.on(), day.asked())))
                .toList();
        List<Problem> problems = new ArrayList<>(rules.broken(account, days, draft.note()));
        if (!entered) {
            problems.addAll(rules.ofAsking(account.policy(), days));
            problems.addAll(rules.missing(account.policy(), days, draft));
        }
        problems.addAll(rules.overlaps(draft));
        problems.addAll(rules.shortStaffing(account, days));
        return new Reviewed(review(account, days, problems, null, draft.replaces()), days);
    }

    /** Reviews a request that was sent. */
    RequestReview review(RequestSummary request) {
        List<LeaveDay> days = leaveDays.of(request.id());
        PersonAccount account = account(people.get(request.personId()), request.policyId(), request.last());
        List<Problem> problems = request.state() == RequestState.WAITING
                ? new ArrayList<>(rules.protectedDays(account.person(), days))
                : new ArrayList<>();
        if (request.state() == RequestState.WAITING) {
            problems.addAll(rules.shortStaffing(account, days));
        }
        return review(account, days, problems, request, request.id());
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
                                leave.left(day.on()).orElse(null),
                                others.getOrDefault(day.on(), WhoIsAway.Others.NONE)))
                        .toList(),
                List.copyOf(problems),
                found.isEmpty() || account.policy().recordedOnly() ? null : leave.affordable());
    }

    private static DayView view(LeaveDay day, Account account, Amount left, WhoIsAway.Others others) {
        return new DayView(
                day.on(),
                day.part(),
                day.hours(),
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

    private static LeaveDay stored(RequestDraft.Part part, DayCost cost) {
        return new LeaveDay(cost.on(), part, cost.hours(), cost.amount(), cost.because(), null);
    }

    private static LeaveCosting costing(PersonAccount account) {
        return new LeaveCosting(
                new WorkingDays(
                        account.account().employment(), account.account().holidays()),
                account.policy().unit(),
                account.policy().rules().holidaysCost(),
                account.policy().rules().daysOffCost());
    }
}
