package upahead.server.requests;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import upahead.core.hours.WorkingDays;
import upahead.core.quantity.Amount;
import upahead.core.staffing.Staffing;
import upahead.server.accounts.PersonAccount;
import upahead.server.employment.Person;
import upahead.server.holidays.Holidays;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.words.Words;
import upahead.server.policies.PolicyDetail;
import upahead.server.requests.RequestReview.Problem;
import upahead.server.requests.absences.WhoIsAway;
import upahead.server.requests.leave.LeaveDay;
import upahead.server.requests.leave.LeaveDayStore;
import upahead.server.requests.leave.RequestDraft;

/** What stands against a request besides the balance. */
@Component
class RulesOfRequests {

    private static final int MOST_MONTHS_AHEAD = 24;

    private final LeaveDayStore leaveDays;
    private final DocumentStore documents;
    private final Holidays holidays;
    private final WhoIsAway absences;
    private final MovableClock clock;

    RulesOfRequests(
            LeaveDayStore leaveDays,
            DocumentStore documents,
            Holidays holidays,
            WhoIsAway absences,
            MovableClock clock) {
        this.leaveDays = leaveDays;
        this.documents = documents;
        this.holidays = holidays;
        this.absences = absences;
        this.clock = clock;
    }

    /**
     * @throws Refusal if days are out of order or too far ahead
     */
    void requireSensibleDays(RequestDraft draft) {
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

    /** What holds whoever enters it. */
    List<Problem> broken(PersonAccount account, List<LeaveDay> days, String note) {
        List<Problem> problems = new ArrayList<>(protectedDays(account.person(), days));
        PolicyDetail policy = account.policy();
        for (LeaveDay day : days) {
            Amount due = new WorkingDays(
                            account.account().employment(), account.account().holidays())
                    .hoursOn(day.on());
            if (day.part().isInHours() && due.isPositive() && day.hours().isMoreThan(due)) {
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
    List<Problem> ofAsking(PolicyDetail policy, List<LeaveDay> days) {
        LocalDate today = clock.today();
        List<Problem> problems = new ArrayList<>();
        days.stream()
                .map(LeaveDay::on)
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
    List<Problem> missing(PolicyDetail policy, List<LeaveDay> days, RequestDraft draft) {
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

    /** Days on which nobody of the team should be away. */
    List<Problem> protectedDays(Person person, List<LeaveDay> days) {
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

    /** How the team is staffed on the costly days with the leave taken, where it is said how many are needed. */
    Map<LocalDate, Staffing> staffing(PersonAccount account, List<LeaveDay> days) {
        Map<LocalDate, LeaveDay> costly = days.stream()
                .filter(day -> day.hours().isPositive())
                .collect(Collectors.toMap(LeaveDay::on, Function.identity()));
        Map<LocalDate, Staffing> with = new TreeMap<>();
        absences.staffing(account.person(), costly.keySet()).forEach((on, staffing) -> {
            Amount due = account.account().employment().scheduledHours(on);
            with.put(on, staffing.with(Staffing.part(costly.get(on).hours(), due)));
        });
        return with;
    }

    /** Days on which leave would leave fewer of the team than are needed. */
    List<Problem> shortStaffing(Person person, Map<LocalDate, Staffing> staffing) {
        return staffing.entrySet().stream()
                .filter(each -> each.getValue().isShort())
                .map(each -> shortOn(each.getKey(), person, each.getValue()))
                .toList();
    }

    private static Problem shortOn(LocalDate on, Person person, Staffing staffing) {
        return Problem.withNote(
                on,
                "days",
                Words.weekday(on) + ": of " + person.team() + " " + Words.figure(staffing.there())
                        + " would be there, and " + staffing.needed() + " are needed.");
    }

    /** Days of which something is asked for or approved already. */
    List<Problem> overlaps(RequestDraft draft) {
        Map<LocalDate, Long> taken = leaveDays.takenDays(draft.personId());
        return draft.days().stream()
                .map(RequestDraft.AskedDay::on)
                .filter(day -> taken.containsKey(day) && !taken.get(day).equals(draft.replaces()))
                .map(day -> Problem.passable(
                        day, "days", "There is leave on " + Words.weekday(day) + " already, waiting or approved."))
                .toList();
    }
}
