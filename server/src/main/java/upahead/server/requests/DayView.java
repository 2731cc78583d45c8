package upahead.server.requests;

import jakarta.annotation.Nullable;
import java.time.LocalDate;
import java.util.List;
import upahead.core.leave.LeaveCosting.Because;
import upahead.core.people.ClockSpan;
import upahead.core.quantity.Amount;
import upahead.server.employment.DayTimes;
import upahead.server.requests.leave.Decision;
import upahead.server.requests.leave.RequestDraft;

/**
 * One day of a request as it is looked at.
 *
 * @param between from when to when, null where it is not asked for by times
 * @param scheduled from when to when is worked that day, null where the schedule does not say so
 * @param amount what it costs, in the policy's unit
 * @param because why it costs that
 * @param holiday the name of the holiday, null where there is none
 * @param left the balance at the end of that day with the request taken, null where there is none
 * @param away who else of the team is away that day
 * @param asking who else of the team asks for that day, for whoever decides
 * @param decision null while nothing is decided
 */
public record DayView(
        LocalDate on,
        RequestDraft.Part part,
        Amount hours,
        @Nullable ClockSpan between,
        @Nullable DayTimes scheduled,
        Amount amount,
        Because because,
        @Nullable String holiday,
        @Nullable Amount left,
        List<String> away,
        List<String> asking,
        @Nullable Decision decision) {}
