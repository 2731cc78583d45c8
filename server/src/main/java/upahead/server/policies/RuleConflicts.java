package upahead.server.policies;

import java.util.ArrayList;
import java.util.List;
import upahead.core.policy.Contradictions;
import upahead.core.policy.Terms;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Rounding;
import upahead.core.quantity.Unit;
import upahead.written.WrittenTerms;

/** Rules of a policy that do not go together, each with the field in which it is best mended. */
public final class RuleConflicts {

    /** Something to look at while writing. */
    public record RuleConflict(String field, String message) {}

    public static final String SCALING = "terms." + Contradictions.SCALING;

    private RuleConflicts() {}

    /**
     * @param rules for requests, null where they are not to be looked at
     */
    public static List<RuleConflict> of(Unit unit, String benefitYear, WrittenTerms document, RequestRules rules) {
        Terms terms = PolicyTerms.of(document);
        List<RuleConflict> found = new ArrayList<>();
        Contradictions.in(MonthDays.benefitYear(benefitYear), terms)
                .forEach(each -> found.add(new RuleConflict("terms." + each.place(), each.message())));
        if (rules != null) {
            found.addAll(ofRequests(unit, rules, terms));
        }
        return found;
    }

    private static List<RuleConflict> ofRequests(Unit unit, RequestRules rules, Terms terms) {
        List<RuleConflict> found = new ArrayList<>();
        if (rules.leaveIn() != LeaveIn.HOURS && rules.smallestStep() != null) {
            found.add(new RuleConflict(
                    "rules.smallestStep",
                    rules.leaveIn() == LeaveIn.WHOLE_DAYS
                            ? "Leave is asked for in whole days, so a step of " + rules.smallestStep()
                                    + " hours is of no effect."
                            : "Leave is asked for in half days, so a step of " + rules.smallestStep()
                                    + " hours is of no effect."));
        }
        if (unit == Unit.DAYS && rules.lieuRate() != null) {
            found.add(new RuleConflict(
                    "rules.lieuRate", "Extra hours become time that is counted in hours; this is counted in days."));
        }
        Amount step = terms.rounding().step();
        boolean roundedToParts =
                step.isMoreThan(Rounding.STANDARD.step()) && step.value().scale() > 0;
        if (rules.leaveIn() == LeaveIn.WHOLE_DAYS && unit == Unit.DAYS && roundedToParts) {
            found.add(new RuleConflict(
                    "terms.rounding",
                    "Leave is asked for in whole days, but earning is rounded to steps of " + step
                            + " days: parts of a day are left that nobody can use."));
        }
        return found;
    }
}
