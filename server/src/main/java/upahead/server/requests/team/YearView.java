package upahead.server.requests.team;

import jakarta.annotation.Nullable;
import java.time.LocalDate;
import java.util.List;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;
import upahead.server.requests.leave.RequestDraft;

/**
 * A person's year.
 *
 * @param first its first day, that of a month
 * @param last its last day
 * @param days on which there is anything, in order of time
 * @param totals by kind of leave, by name
 */
public record YearView(LocalDate first, LocalDate last, List<YearDay> days, List<YearTotal> totals) {

    /**
     * A day of it.
     *
     * @param holiday its name, null where there is none
     * @param protectedFor why nobody should be away, null where it is no protected date
     * @param leave what was asked for or is approved
     */
    public record YearDay(
            LocalDate on, @Nullable String holiday, @Nullable String protectedFor, List<YearLeave> leave) {}

    /** Leave of one day. */
    public record YearLeave(long requestId, long policyId, String policy, RequestDraft.Part part, boolean approved) {}

    /**
     * What one kind comes to in the year.
     *
     * @param approved taken or booked
     * @param waiting asked for
     */
    public record YearTotal(long policyId, String policy, Unit unit, Amount approved, Amount waiting) {}
}
