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

/** Says what is ahead for a balance in plain words: the same wherever it is told, and in other words to the person. */
public final class AheadWords {

    private final PolicyDetail policy;
    private final Policy rules;
    private final boolean toThemselves;

    private AheadWords(PersonAccount account, boolean toThemselves) {
        this.policy = account.policy();
        this.rules = account.account().policy();
        this.toThemselves = toThemselves;
    }

    public static AheadView of(Upcoming upcoming, PersonAccount account) {
        return new AheadWords(account, false).view(upcoming);
    }

    /** The same as it is said to the person. */
    public static AheadView toThemselves(Upcoming upcoming, PersonAccount account) {
        return new AheadWords(account, true).view(upcoming);
    }

    private AheadView view(Upcoming upcoming) {
        if (upcoming instanceof Upcoming.EarningBegins begins) {
            return view(begins, What.EARNING_BEGINS, null, "the wait before earning ends.", "you begin to earn.");
        }
        if (upcoming instanceof Upcoming.UseBegins begins) {
            return view(
                    begins,
                    What.USE_BEGINS,
                    begins.balance(),
                    "the wait before use ends, with " + amount(begins.balance()) + " by then.",
                    "you can use it from this day on: " + amount(begins.balance()) + " by then.");
        }
        if (upcoming instanceof Upcoming.Granted granted) {
            return view(
                    granted,
                    What.GRANT,
                    granted.amount(),
                    amount(granted.amount()) + " will be granted.",
                    "you are granted " + amount(granted.amount()) + ".");
        }
        if (upcoming instanceof Upcoming.LimitReached reached) {
            String limit = name(reached.limit()) + " of " + amount(reached.figure());
            String then = reached.limit() == Limit.BALANCE ? "; use some, and you go on earning." : ".";
            return view(
                    reached, What.LIMIT_REACHED, reached.figure(), limit + " is reached.", "you reach " + limit + then);
        }
        if (upcoming instanceof Upcoming.Withheld withheld) {
            return withheld(withheld);
        }
        if (upcoming instanceof Upcoming.Lapses lapses) {
            String by = day(lapses.on().minusDays(1)) + ".";
            return view(
                    lapses,
                    What.LAPSE,
                    lapses.amount(),
                    amount(lapses.amount()) + " will lapse unless used by " + by,
                    "you lose " + amount(lapses.amount()) + " unless you use them by " + by);
        }
        if (upcoming instanceof Upcoming.PaidOut paid) {
            return view(
                    paid,
                    What.PAY_OUT,
                    paid.amount(),
                    amount(paid.amount()) + " will be paid out.",
                    "you are paid " + amount(paid.amount()) + ".");
        }
        if (upcoming instanceof Upcoming.TenureStep step) {
            String then = " years of service: from then on " + rate(step) + ".";
            return view(
                    step, What.TENURE_STEP, step.amount(), step.years() + then, "you complete " + step.years() + then);
        }
        if (upcoming instanceof Upcoming.YearEnds ends) {
            String carried = " with " + amount(ends.carried()) + " carried over.";
            return view(
                    ends,
                    What.YEAR_ENDS,
                    ends.carried(),
                    "a new benefit year begins" + carried,
                    "your new year begins" + carried);
        }
        if (upcoming instanceof Upcoming.GoesBelowZero below) {
            String balance = amount(below.balance()) + ".";
            return view(
                    below,
                    What.BELOW_ZERO,
                    below.balance(),
                    "the balance goes below zero, to " + balance,
                    "you go below zero, to " + balance);
        }
        return view(upcoming, What.TERMS_CHANGE, null, "other terms take effect.", "other terms hold for you.");
    }

    private AheadView withheld(Upcoming.Withheld withheld) {
        boolean once = withheld.through().equals(withheld.on());
        String limit = name(withheld.limit());
        String until = once ? "" : ", until " + day(withheld.through());
        String unless = withheld.limit() == Limit.BALANCE ? ", unless some is used before." : ".";
        String useSome = withheld.limit() == Limit.BALANCE ? "; use some before, and you get more of it." : ".";
        return view(
                withheld,
                What.WITHHELD,
                withheld.amount(),
                amount(withheld.amount()) + (once ? "" : " in all") + " will be withheld by " + limit + until + unless,
                "you do not get " + amount(withheld.amount()) + " of what you would earn" + until + ", because of "
                        + limit + useSome);
    }

    private AheadView view(Upcoming upcoming, What what, Amount amount, String said, String saidToThemselves) {
        String message = toThemselves ? saidToThemselves : said;
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
