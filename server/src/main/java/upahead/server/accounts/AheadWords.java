package upahead.server.accounts;

import java.time.LocalDate;
import upahead.core.ledger.Upcoming;
import upahead.core.policy.Limit;
import upahead.core.policy.Policy;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;
import upahead.server.accounts.AheadView.What;
import upahead.server.platform.words.Words;
import upahead.server.policies.PolicyDetail;

/** Says what is ahead for a balance in plain words, the same wherever it is told. */
public final class AheadWords {

    private final PolicyDetail policy;
    private final Policy rules;

    private AheadWords(PersonAccount account) {
        this.policy = account.policy();
        this.rules = account.account().policy();
    }

    public static AheadView of(Upcoming upcoming, PersonAccount account) {
        return new AheadWords(account).view(upcoming);
    }

    private AheadView view(Upcoming upcoming) {
        if (upcoming instanceof Upcoming.EarningBegins begins) {
            return view(begins, What.EARNING_BEGINS, null, "the wait before earning ends.");
        }
        if (upcoming instanceof Upcoming.UseBegins begins) {
            return view(
                    begins,
                    What.USE_BEGINS,
                    begins.balance(),
                    "the wait before use ends, with " + amount(begins.balance()) + " by then.");
        }
        if (upcoming instanceof Upcoming.Granted granted) {
            return view(granted, What.GRANT, granted.amount(), amount(granted.amount()) + " will be granted.");
        }
        if (upcoming instanceof Upcoming.LimitReached reached) {
            String limit = name(reached.limit()) + " of " + amount(reached.figure());
            return view(reached, What.LIMIT_REACHED, reached.figure(), limit + " is reached.");
        }
        if (upcoming instanceof Upcoming.Withheld withheld) {
            String by = " will be withheld by " + name(withheld.limit());
            String until = withheld.through().equals(withheld.on())
                    ? by
                    : " in all" + by + ", until " + day(withheld.through());
            String unless = withheld.limit() == Limit.BALANCE ? ", unless some is used before." : ".";
            return view(withheld, What.WITHHELD, withheld.amount(), amount(withheld.amount()) + until + unless);
        }
        if (upcoming instanceof Upcoming.Lapses lapses) {
            return view(
                    lapses,
                    What.LAPSE,
                    lapses.amount(),
                    amount(lapses.amount()) + " will lapse unless used by "
                            + day(lapses.on().minusDays(1)) + ".");
        }
        if (upcoming instanceof Upcoming.PaidOut paid) {
            return view(paid, What.PAY_OUT, paid.amount(), amount(paid.amount()) + " will be paid out.");
        }
        if (upcoming instanceof Upcoming.TenureStep step) {
            return view(
                    step,
                    What.TENURE_STEP,
                    step.amount(),
                    step.years() + " years of service: from then on " + rate(step) + ".");
        }
        if (upcoming instanceof Upcoming.YearEnds ends) {
            return view(
                    ends,
                    What.YEAR_ENDS,
                    ends.carried(),
                    "a new benefit year begins with " + amount(ends.carried()) + " carried over.");
        }
        if (upcoming instanceof Upcoming.GoesBelowZero below) {
            return view(
                    below,
                    What.BELOW_ZERO,
                    below.balance(),
                    "the balance goes below zero, to " + amount(below.balance()) + ".");
        }
        return view(upcoming, What.TERMS_CHANGE, null, "other terms take effect.");
    }

    private AheadView view(Upcoming upcoming, What what, Amount amount, String message) {
        return new AheadView(
                upcoming.on(),
                policy.id(),
                policy.name(),
                policy.unit(),
                what,
                amount,
                Character.toUpperCase(message.charAt(0)) + message.substring(1));
    }

    private String rate(Upcoming.TenureStep step) {
        return rules.versions()
                .on(step.on())
                .map(terms -> terms.earning().withAmount(step.amount()).inWords(policy.unit()))
                .orElseThrow();
    }

    private static String name(Limit limit) {
        return "the " + limit.words();
    }

    private String amount(Amount amount) {
        Unit unit = policy.unit();
        return Words.amount(amount, unit);
    }

    private static String day(LocalDate day) {
        return Words.day(day);
    }
}
