package upahead.server.lookout;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Component;
import upahead.core.calendar.DateSpan;
import upahead.core.earning.EarningMethod;
import upahead.core.earning.PerHoursWorked;
import upahead.core.earning.PerPeriod;
import upahead.core.ledger.Ahead;
import upahead.core.ledger.Derivation;
import upahead.core.ledger.Ledger;
import upahead.core.ledger.Upcoming;
import upahead.core.policy.Limit;
import upahead.core.policy.Terms;
import upahead.core.quantity.Amount;
import upahead.server.balances.PersonAccount;
import upahead.server.lookout.LookoutItem.Kind;
import upahead.server.lookout.LookoutItem.Urgency;
import upahead.server.words.Words;

/** What is about to happen to balances: time withheld or lapsing, waits that end, tenure steps. */
@Component
class AheadFinder {

    List<LookoutItem> find(List<PersonAccount> accounts, DateSpan ahead) {
        List<LookoutItem> items = new ArrayList<>();
        for (PersonAccount account : accounts) {
            if (account.policy().recordedOnly()) {
                continue;
            }
            Ledger ledger = Derivation.derive(account.account(), ahead.last());
            Set<Class<?>> told = new HashSet<>();
            for (Upcoming upcoming : Ahead.of(account.account(), ledger, ahead)) {
                item(account, upcoming)
                        .filter(unused -> told.add(upcoming.getClass()))
                        .ifPresent(items::add);
            }
        }
        return items;
    }

    /** What needs a look; of each kind the first is told. */
    private static Optional<LookoutItem> item(PersonAccount account, Upcoming upcoming) {
        String policy = account.policy().name();
        if (upcoming instanceof Upcoming.Withheld withheld) {
            return Optional.of(item(
                    account,
                    Kind.WITHHELD,
                    withheld.on(),
                    withheld.amount(),
                    "is about to reach a limit",
                    amount(account, withheld.amount()) + " of " + policy + " will be withheld from "
                            + Words.day(withheld.on()) + " on"
                            + (withheld.limit() == Limit.BALANCE
                                    ? " unless some is used before."
                                    : ": the most that may be earned in the year is reached.")));
        }
        if (upcoming instanceof Upcoming.Lapses lapses) {
            LocalDate last = lapses.on().minusDays(1);
            return Optional.of(item(
                    account,
                    Kind.LAPSE,
                    last,
                    lapses.amount(),
                    "is about to lose time",
                    amount(account, lapses.amount()) + " of " + policy + " can be used until " + Words.day(last)
                            + " and then lapse."));
        }
        if (upcoming instanceof Upcoming.UseBegins begins) {
            return Optional.of(item(
                    account,
                    Kind.WAIT_ENDS,
                    begins.on(),
                    begins.balance(),
                    "ends a wait",
                    policy + " can be used from " + Words.day(begins.on()) + " on; " + amount(account, begins.balance())
                            + " by then."));
        }
        if (upcoming instanceof Upcoming.TenureStep step) {
            return Optional.of(item(
                    account,
                    Kind.TENURE,
                    step.on(),
                    null,
                    "completes " + step.years() + " years",
                    "From " + Words.day(step.on()) + " on " + policy + " is earned at " + rate(account, step) + "."));
        }
        return Optional.empty();
    }

    /** The new figure with what it is earned for. */
    private static String rate(PersonAccount account, Upcoming.TenureStep step) {
        String figure = amount(account, step.figure());
        EarningMethod method = account.account()
                .policy()
                .versions()
                .on(step.on())
                .map(Terms::earning)
                .orElseThrow();
        if (method instanceof PerHoursWorked hours) {
            return figure + " for every " + hours.forEvery() + " hours worked";
        }
        if (method instanceof PerPeriod perPeriod && !perPeriod.rate().perYear()) {
            return figure + " a "
                    + perPeriod.every().name().toLowerCase(Locale.ROOT).replace('_', ' ');
        }
        return figure + " a year";
    }

    private static String amount(PersonAccount account, Amount amount) {
        return Words.amount(amount, account.policy().unit());
    }

    private static LookoutItem item(
            PersonAccount account, Kind kind, LocalDate by, Amount amount, String what, String why) {
        return new LookoutItem(
                Urgency.FURTHER_AHEAD,
                kind,
                by,
                account.person().name() + " " + what,
                why,
                account.person().id(),
                account.person().name(),
                null,
                null,
                account.policy().id(),
                account.policy().name(),
                amount,
                amount == null ? null : account.policy().unit());
    }
}
