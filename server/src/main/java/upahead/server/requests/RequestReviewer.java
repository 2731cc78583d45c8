package upahead.server.requests;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import upahead.core.calendar.HolidayCalendar.Holiday;
import upahead.core.hours.WorkingDays;
import upahead.core.leave.LeaveCosting;
import upahead.core.leave.LeaveCosting.DayCost;
import upahead.core.leave.Taken;
import upahead.core.ledger.Account;
import upahead.core.ledger.RequestProblem;
import upahead.core.quantity.Amount;
import upahead.server.balances.Balances;
import upahead.server.balances.Outlook;
import upahead.server.balances.PersonAccount;
import upahead.server.clock.MovableClock;
import upahead.server.holidays.Holidays;
import upahead.server.people.People;
import upahead.server.people.Person;
import upahead.server.people.Reach;
import upahead.server.policies.PolicyDetail;
import upahead.server.policies.Seen;
import upahead.server.problems.Refusal;
import upahead.server.requests.RequestReview.Problem;
import upahead.server.words.Words;

/** Says of a request, sent or not, what it costs day by day, what remains and what stands against it. */
@Component
class RequestReviewer {

    private static final int MOST_MONTHS_AHEAD = 24;

    private final RequestStore store;
    private final DocumentStore documents;
    private final Reach reach;
    private final Balances balances;
    private final People people;
    private final Holidays holidays;
    private final MovableClock clock;

    RequestReviewer(
            RequestStore store,
            DocumentStore documents,
            Balances balances,
            People people,
            Reach reach,
            Holidays holidays,
            MovableClock clock) {
        this.store = store;
        this.documents = documents;
        this.reach = reach;
        this.balances = balances;
        this.people = people;
        this.holidays = holidays;
        this.clock = clock;
    }

    /** Reviews leave that is about to be asked for. */
    RequestReview review(RequestDraft draft) {
        return review(draft, false);
    }

    /** Reviews leave that an administrator is about to enter, also for days gone by. */
    RequestReview reviewEntry(RequestDraft draft) {
        return review(draft, true);
    }

    private RequestReview review(RequestDraft draft, boolean entered) {
        requireSensibleDays(draft);
        PersonAccount account = account(draft);
        LeaveCosting costing = costing(account);
        List<RequestStore.StoredDay> days = draft.days().stream()
                .map(day -> stored(day.part(), costing.cost(day.on(), day.asked())))
                .toList();
        List<Problem> problems = new ArrayList<>(rulesBroken(account, days, draft.note()));
        if (!entered) {
            problems.addAll(rulesOfAsking(account.policy(), days));
            problems.addAll(missing(account.policy(), days, draft));
        }
        problems.addAll(overlaps(draft));
        return review(account, days, problems, null);
    }

    /** Reviews a request that was sent. */
    RequestReview review(RequestSummary request) {
        List<RequestStore.StoredDay> days = store.days(request.id());
        PersonAccount account = account(people.get(request.personId()), request.policyId(), request.last());
        List<Problem> problems = request.state() == RequestState.WAITING
                ? new ArrayList<>(protectedDays(account.person(), days))
                : new ArrayList<>();
        return review(account, days, problems, request);
    }

    private RequestReview review(
            PersonAccount account, List<RequestStore.StoredDay> days, List<Problem> problems, RequestSummary request) {
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
        Map<LocalDate, List<String>> away = away(account.person(), days);
        return new RequestReview(
                account.policy().unit(),
                Amount.sum(days.stream().map(RequestStore.StoredDay::amount).toList()),
                leave.askable(first).orElse(null),
                leave.yearEnds(),
                leave.left(leave.yearEnds()).orElse(null),
                waitingElsewhere(account, request),
                days.stream()
                        .map(day -> view(
                                day,
                                account.account(),
                                leave.left(day.on()).orElse(null),
                                away.getOrDefault(day.on(), List.of())))
                        .toList(),
                List.copyOf(problems),
                found.isEmpty() || account.policy().recordedOnly() ? null : leave.affordable());
    }

    private static DayView view(RequestStore.StoredDay day, Account account, Amount left, List<String> away) {
        return new DayView(
                day.on(),
                day.part(),
                day.hours(),
                day.amount(),
                day.because(),
                account.holidays().on(day.on()).map(Holiday::name).orElse(null),
                left,
                away,
                day.decision());
    }

    private Amount waitingElsewhere(PersonAccount account, RequestSummary request) {
        return Amount.sum(store.ofPerson(account.person().id(), Integer.MAX_VALUE).stream()
                .filter(other -> other.state() == RequestState.WAITING
                        && other.policyId() == account.policy().id()
                        && (request == null || other.id() != request.id()))
                .map(RequestSummary::total)
                .toList());
    }

    /** Who of the team is away: as the policies show it, and with what it is to whoever decides for those people. */
    private Map<LocalDate, List<String>> away(Person person, List<RequestStore.StoredDay> days) {
        Map<Long, Boolean> led = new HashMap<>();
        Predicate<RequestStore.Away> decides = each -> led.computeIfAbsent(each.personId(), reach::leads);
        return store
                .away(
                        person.teamId(),
                        days.stream().map(RequestStore.StoredDay::on).toList())
                .stream()
                .filter(away -> away.personId() != person.id())
                .filter(away -> decides.test(away) || away.seenBy() != Seen.NOBODY)
                .collect(Collectors.groupingBy(
                        RequestStore.Away::on,
                        Collectors.mapping(away -> shown(away, decides.test(away)), Collectors.toList())));
    }

    /** Whoever decides sees the policy too; others where its rules show it. */
    private static String shown(RequestStore.Away away, boolean decides) {
        return decides || away.kindShows() ? away.name() + " (" + away.policy() + ")" : away.name();
    }

    private List<Problem> rulesBroken(PersonAccount account, List<RequestStore.StoredDay> days, String note) {
        List<Problem> problems = new ArrayList<>(protectedDays(account.person(), days));
        PolicyDetail policy = account.policy();
        for (RequestStore.StoredDay day : days) {
            Amount due = new WorkingDays(
                            account.account().employment(), account.account().holidays())
                    .hoursOn(day.on());
            if (day.part() == RequestDraft.Part.HOURS
                    && due.isPositive()
                    && day.hours().isMoreThan(due)) {
                problems.add(new Problem(
                        day.on(), "days", "Only " + due + " hours are scheduled on " + Words.weekday(day.on()) + "."));
            }
        }
        days.stream().flatMap(day -> PartsOfDays.problem(policy, day).stream()).forEach(problems::add);
        if (policy.rules().noteRequired() && note.isBlank()) {
            problems.add(Problem.passable(null, "note", policy.name() + " needs a note that says what it is for."));
        }
        if (days.stream().allMatch(day -> day.amount().isZero())) {
            problems.add(
                    new Problem(null, "days", "None of these days is a working day; nothing needs to be asked for."));
        }
        return problems;
    }

    /** Rules that hold for whoever asks, and not for an administrator who enters what was agreed or has happened. */
    private List<Problem> rulesOfAsking(PolicyDetail policy, List<RequestStore.StoredDay> days) {
        LocalDate today = clock.today();
        List<Problem> problems = new ArrayList<>();
        days.stream()
                .map(RequestStore.StoredDay::on)
                .filter(day -> day.isBefore(today))
                .map(day -> new Problem(day, "days", Words.weekday(day) + " is in the past. Ask payroll to enter it."))
                .forEach(problems::add);
        LocalDate first = days.get(0).on();
        if (!first.isBefore(today)
                && first.isBefore(today.plusDays(policy.rules().noticeDays()))) {
            problems.add(new Problem(
                    first, "days", policy.name() + " needs " + policy.rules().noticeDays() + " days of notice."));
        }
        if (!policy.rules().employeesAsk()) {
            problems.add(new Problem(null, "policyId", policy.name() + " is entered by payroll; ask them."));
        }
        return problems;
    }

    /** Answers and documents that the policy asks for and the request does not have. */
    private List<Problem> missing(PolicyDetail policy, List<RequestStore.StoredDay> days, RequestDraft draft) {
        List<Problem> problems = new ArrayList<>();
        List<String> questions = policy.rules().questions();
        for (int at = 0; at < questions.size(); at++) {
            if (at >= draft.answers().size() || draft.answers().get(at).isBlank()) {
                problems.add(new Problem(null, "answers", "Please answer: " + questions.get(at)));
            }
        }
        Integer from = policy.rules().documentFromDays();
        long costing = days.stream().filter(day -> day.amount().isPositive()).count();
        if (from != null && costing >= from && draft.documents().isEmpty()) {
            problems.add(new Problem(
                    null, "documents", policy.name() + " needs a document from " + Words.count(from, "day") + " on."));
        }
        if (documents.unsent(draft.personId(), draft.documents())
                < draft.documents().size()) {
            problems.add(new Problem(null, "documents", "A document is no longer there; please choose it again."));
        }
        return problems;
    }

    private List<Problem> protectedDays(Person person, List<RequestStore.StoredDay> days) {
        return days.stream()
                .filter(day -> day.amount().isPositive())
                .flatMap(day -> holidays
                        .protecting(day.on(), person.teamId())
                        .map(dates -> Problem.passable(
                                day.on(),
                                "days",
                                Words.weekday(day.on()) + " is a protected date: " + dates.reason() + "."))
                        .stream())
                .toList();
    }

    private List<Problem> overlaps(RequestDraft draft) {
        Map<LocalDate, Long> taken = store.takenDays(draft.personId());
        return draft.days().stream()
                .map(RequestDraft.AskedDay::on)
                .filter(taken::containsKey)
                .map(day -> new Problem(
                        day, "days", "There is leave on " + Words.weekday(day) + " already, waiting or approved."))
                .toList();
    }

    private void requireSensibleDays(RequestDraft draft) {
        Set<LocalDate> seen = new HashSet<>();
        LocalDate before = null;
        for (RequestDraft.AskedDay day : draft.days()) {
            if (!seen.add(day.on()) || (before != null && day.on().isBefore(before))) {
                throw Refusal.of("days", "Each day can be asked for once, in order of time.");
            }
            before = day.on();
        }
        if (before.isAfter(clock.today().plusMonths(MOST_MONTHS_AHEAD))) {
            throw Refusal.of("days", "Leave can be asked for up to " + MOST_MONTHS_AHEAD + " months ahead.");
        }
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

    private static RequestStore.StoredDay stored(RequestDraft.Part part, DayCost cost) {
        return new RequestStore.StoredDay(cost.on(), part, cost.hours(), cost.amount(), cost.because(), null);
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
