package upahead.server.requests;

import jakarta.annotation.Nullable;
import java.time.LocalDate;
import java.util.List;
import upahead.core.quantity.Amount;
import upahead.server.requests.leave.TakenStore.TakenOfKind;

/**
 * What whoever decides a request looks at beside it.
 *
 * @param staffing of the team on its days, in order of time; no days where nothing is said of how many are needed
 * @param lastTwelveMonths what the person took until today, by kind
 */
public record ForDeciding(List<StaffedDay> staffing, List<TakenOfKind> lastTwelveMonths) {

    /** For whoever does not decide. */
    static final ForDeciding NOTHING = new ForDeciding(List.of(), List.of());

    /**
     * How a team is staffed on a day if the request is approved.
     *
     * @param there how many would be there; parts of a day as parts
     * @param scheduled how many are scheduled
     * @param needed how many are needed, null where nothing is said
     * @param tooFew whether leave would leave fewer than are needed
     */
    public record StaffedDay(LocalDate on, Amount there, int scheduled, @Nullable Integer needed, boolean tooFew) {}
}
