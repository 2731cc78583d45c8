package upahead.server.lookout;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Component;
import upahead.core.calendar.DateSpan;
import upahead.core.ledger.Ahead;
import upahead.core.ledger.Derivation;
import upahead.core.ledger.Ledger;
import upahead.core.ledger.Upcoming;
import upahead.core.policy.Limit;
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
                    "is about to lose time",
                    amount(account, lapses.amount()) + " of " + policy + " can be used until " + Words.day(last)
                            + " and then lapse."));
        }
        if (upcoming instanceof Upcoming.UseBegins begins) {
            return Optional.of(item(
                    account,
                    Kind.WAIT_ENDS,
                    begins.on(),
                    "ends a wait",
                    policy + " can be used from " + Words.day(begins.on()) + " on; " + amount(account, begins.balance())
                            + " by then."));
        }
        if (upcoming instanceof Upcoming.TenureStep step) {
            return Optional.of(item(
                    account,
                    Kind.TENURE,
                    step.on(),
                    "completes " + step.years() + " years",
                    policy + " is earned at " + step.figure() + " from " + Words.day(step.on()) + " on."));
        }
        return Optional.empty();
    }

    private static String amount(PersonAccount account, Amount amount) {
        return Words.amount(amount, account.policy().unit());
    }

    private static LookoutItem item(PersonAccount account, Kind kind, LocalDate by, String what, String why) {
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
                account.policy().id());
    }
}
