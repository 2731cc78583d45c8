package upahead.server.cards.rules;

import jakarta.annotation.Nullable;
import java.time.LocalDate;
import java.util.List;
import upahead.core.cards.BreakRule;
import upahead.core.cards.Overtime;
import upahead.core.cards.PunchRounding;

/**
 * How times become hours in a pay group from a day on.
 *
 * @param breakRule null where no break has to be made
 * @param typedByPerson whether people type their own times
 * @param confirmedByPerson whether people say that their card of a period is right
 * @param confirmedByApprover whether approvers say so
 */
public record CardRules(
        long payGroupId,
        LocalDate starts,
        PunchRounding rounding,
        @Nullable BreakRule breakRule,
        List<Overtime> overtime,
        boolean typedByPerson,
        boolean confirmedByPerson,
        boolean confirmedByApprover) {

    /** Those of a group for which nothing was said: times count as they stand, and everybody types. */
    public static CardRules usual(long payGroupId) {
        return new CardRules(payGroupId, LocalDate.MIN, PunchRounding.NONE, null, List.of(), true, false, false);
    }
}
