package upahead.server.requests;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import upahead.core.hours.WorkingDays;
import upahead.core.leave.LeaveCosting;
import upahead.core.leave.LeaveCosting.DayCost;
import upahead.core.people.ClockSpan;
import upahead.server.accounts.PersonAccount;
import upahead.server.employment.DayTimes;
import upahead.server.employment.WorkingTimes;
import upahead.server.platform.problems.Refusal;
import upahead.server.requests.leave.LeaveDay;
import upahead.server.requests.leave.RequestDraft;
import upahead.server.requests.leave.RequestDraft.AskedDay;

/** What each day of leave costs that somebody is about to ask for. */
@Component
class CostOfDays {

    private final WorkingTimes workingTimes;

    CostOfDays(WorkingTimes workingTimes) {
        this.workingTimes = workingTimes;
    }

    /**
     * The days as they are stored when the request is sent.
     *
     * @throws Refusal if hours or times are missing, or nothing is worked between the times
     */
    List<LeaveDay> of(PersonAccount account, RequestDraft draft) {
        LeaveCosting costing = new LeaveCosting(
                new WorkingDays(
                        account.account().employment(), account.account().holidays()),
                account.policy().unit(),
                account.policy().rules().holidaysCost(),
                account.policy().rules().daysOffCost());
        Map<LocalDate, DayTimes> scheduled = workingTimes.of(
                draft.personId(), draft.days().stream().map(AskedDay::on).toList());
        return draft.days().stream()
                .map(day -> stored(
                        day,
                        costing.cost(
                                day.on(),
                                day.asked(Optional.ofNullable(scheduled.get(day.on()))
                                        .map(DayTimes::times)))))
                .toList();
    }

    private static LeaveDay stored(AskedDay day, DayCost cost) {
        ClockSpan between = day.part() == RequestDraft.Part.TIMES ? day.between() : null;
        return new LeaveDay(cost.on(), day.part(), cost.hours(), between, cost.amount(), cost.because(), null);
    }
}
