package upahead.server.accounts;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import upahead.core.calendar.DateSpan;
import upahead.core.facts.Facts;
import upahead.core.hours.Work;
import upahead.core.hours.WorkLog;
import upahead.core.hours.WorkingDays;
import upahead.core.leave.Taken;
import upahead.core.quantity.Amount;
import upahead.server.facts.ApprovedLeave.LeaveFact;
import upahead.server.facts.adjustments.AdjustmentFact;
import upahead.server.facts.adjustments.OpeningFact;

/**
 * The facts of many people, by the people's ids.
 *
 * @param awarded paid hours of extra days
 * @param paid the policies whose leave is paid
 */
record KnownFacts(
        Map<Long, List<Work>> work,
        Map<Long, List<Work>> awarded,
        Map<Long, List<LeaveFact>> leave,
        Map<Long, List<AdjustmentFact>> adjustments,
        Map<Long, List<OpeningFact>> openings,
        Set<Long> paid) {

    /**
     * The facts of one person.
     *
     * @param recorded hours
     * @param expected recorded hours, and scheduled ones where they are looked ahead at
     */
    record OfPerson(
            WorkLog recorded,
            WorkLog expected,
            WorkLog paidLeave,
            WorkLog awarded,
            List<LeaveFact> leave,
            List<AdjustmentFact> adjustments,
            List<OpeningFact> openings) {

        /** The facts as the account in one policy takes them. */
        Facts in(long policyId) {
            return new Facts(
                    expected,
                    paidLeave,
                    awarded,
                    leave.stream()
                            .filter(day -> day.policyId() == policyId)
                            .map(day -> new Taken(day.on(), day.amount()))
                            .toList(),
                    adjustments.stream()
                            .filter(each -> each.policyId() == policyId)
                            .map(AdjustmentFact::adjustment)
                            .toList(),
                    openings.stream()
                            .filter(each -> each.policyId() == policyId)
                            .map(OpeningFact::opening)
                            .toList());
        }
    }

    OfPerson of(long personId, Life life, Outlook outlook) {
        List<LeaveFact> own = leave.getOrDefault(personId, List.of());
        WorkLog recorded = new WorkLog(work.getOrDefault(personId, List.of()));
        return new OfPerson(
                recorded,
                life.open()
                        .map(days -> WorkLog.whenAsked(() -> expected(recorded, own, life.workingDays(), days)))
                        .orElse(recorded),
                paidLeave(own),
                awarded.containsKey(personId) ? new WorkLog(awarded.get(personId)) : WorkLog.EMPTY,
                own,
                adjustments.getOrDefault(personId, List.of()),
                openings.getOrDefault(personId, List.of()));
    }

    /** Recorded hours, and in open periods scheduled ones on days that have none. */
    private static List<Work> expected(
            WorkLog recorded, List<LeaveFact> leave, WorkingDays workingDays, DateSpan open) {
        Set<LocalDate> days = recorded.entries().stream().map(Work::on).collect(Collectors.toSet());
        List<Work> known = new ArrayList<>(recorded.entries());
        workingDays.scheduledWork(open, hoursByDate(leave)).stream()
                .filter(work -> !days.contains(work.on()))
                .forEach(known::add);
        return known;
    }

    private WorkLog paidLeave(List<LeaveFact> own) {
        return new WorkLog(own.stream()
                .filter(day -> paid.contains(day.policyId()))
                .map(day -> new Work(day.on(), "leave", day.hours()))
                .toList());
    }

    static Map<LocalDate, Amount> hoursByDate(List<LeaveFact> leave) {
        Map<LocalDate, Amount> hours = new HashMap<>();
        leave.forEach(day -> hours.merge(day.on(), day.hours(), Amount::plus));
        return hours;
    }
}
