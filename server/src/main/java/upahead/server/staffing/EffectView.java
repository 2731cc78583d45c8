package upahead.server.staffing;

import jakarta.annotation.Nullable;
import java.time.LocalDate;
import java.util.List;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;
import upahead.server.enrolment.CoverageEffect.What;
import upahead.server.enrolment.Ending;
import upahead.server.organisation.Named;

/**
 * What a change does to somebody in a policy, said before it is made.
 *
 * @param on the first day of an enrolment that begins or goes on, the last day of one that ends
 * @param left the balance on the last day of an enrolment that ends, as forecast; else null
 * @param bookedAfter approved leave in that policy after its end, which would count for nothing; else null
 * @param canGoOnIn the policies in which what is left can go on
 * @param suggested what becomes of it unless something else is chosen; null where nothing ends
 */
public record EffectView(
        long policyId,
        String policy,
        Unit unit,
        What what,
        LocalDate on,
        @Nullable Amount left,
        @Nullable Amount bookedAfter,
        List<Named> canGoOnIn,
        @Nullable Ending suggested) {}
