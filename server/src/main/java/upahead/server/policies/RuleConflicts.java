package upahead.server.policies;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import upahead.core.earning.NoEarning;
import upahead.core.earning.PerHoursWorked;
import upahead.core.earning.Scaling;
import upahead.core.policy.Contradictions;
import upahead.core.policy.Contradictions.Rule;
import upahead.core.policy.Terms;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Rounding;
import upahead.core.quantity.Unit;

/** Rules of a policy that do not go together, each with the field in which it is best mended. */
public final class RuleConflicts {

    /** Something to look at while writing. */
    public record RuleConflict(String field, String message) {}

    static final String SCALING = "terms.scaling";

    private static final Map<Rule, String> FIELDS = Map.of(
            Rule.EARNING, "terms.earning.amount",
            Rule.TENURE, "terms.tenure",
            Rule.BALANCE_LIMIT, "terms.balanceLimit",
            Rule.EARNED_PER_YEAR_LIMIT, "terms.earnedPerYearLimit",
            Rule.USED_PER_YEAR_LIMIT, "terms.usedPerYearLimit",
            Rule.CARRY, "terms.carry",
            Rule.CARRIED_USABLE, "terms.carriedUsable",
            Rule.CREDITS_USABLE, "terms.creditsUsable",
            Rule.ROUNDING, "terms.rounding");

    private RuleConflicts() {}

    /**
     * @param rules for requests, null where they are not to be looked at
     */
    public static List<RuleConflict> of(Unit unit, String benefitYear, TermsDocument document, RequestRules rules) {
        Terms terms = document.toTerms();
        List<RuleConflict> found = new ArrayList<>();
        Contradictions.in(MonthDays.benefitYear(benefitYear), terms)
                .forEach(each -> found.add(new RuleConflict(FIELDS.get(each.rule()), each.message())));
        scaling(terms).ifPresent(message -> found.add(new RuleConflict(SCALING, message)));
        if (rules != null) {
            found.addAll(ofRequests(unit, rules, terms));
        }
        return found;
    }

    private static Optional<String> scaling(Terms terms) {
        if (terms.scaling() instanceof Scaling.None) {
            return Optional.empty();
        }
        if (terms.earning() instanceof PerHoursWorked) {
            return Optional.of("What is earned by hours worked is not scaled: part-timers work less.");
        }
        if (terms.earning() instanceof NoEarning) {
            return Optional.of("Nothing is earned by itself, so there is nothing to put in proportion.");
        }
        return Optional.empty();
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
