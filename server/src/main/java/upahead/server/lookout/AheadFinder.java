package upahead.server.lookout;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Component;
import upahead.core.calendar.DateSpan;
import upahead.core.ledger.Derivation;
import upahead.core.ledger.Ledger;
import upahead.core.policy.TenureBand;
import upahead.core.policy.Terms;
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
            Ledger ledger = Derivation.derive(account.account(), ahead.last());
            items.addAll(withheld(account, ledger, ahead));
            items.addAll(lapses(account, ledger, ahead));
            items.addAll(waits(account, ledger, ahead));
            items.addAll(tenure(account, ahead));
        }
        return items;
    }

    private static List<LookoutItem> withheld(PersonAccount account, Ledger ledger, DateSpan ahead) {
        return ledger.linesWithin(ahead).stream()
                .filter(line -> line.withheld().isPositive())
                .findFirst()
                .map(line -> item(
                        account,
                        Kind.WITHHELD,
                        line.on(),
                        "is about to reach a limit",
                        Words.amount(line.withheld(), account.policy().unit()) + " of "
                                + account.policy().name()
                                + " will be withheld on " + Words.day(line.on())
                                + " unless some is used before."))
                .stream()
                .toList();
    }

    private static List<LookoutItem> lapses(PersonAccount account, Ledger ledger, DateSpan ahead) {
        return ledger
                .firstLapse(ahead)
                .map(lapse -> item(
                        account,
                        Kind.LAPSE,
                        lapse.on().minusDays(1),
                        "is about to lose time",
                        Words.amount(lapse.amount(), account.policy().unit()) + " of "
                                + account.policy().name() + " can be used until "
                                + Words.day(lapse.on().minusDays(1)) + " and then lapse."))
                .stream()
                .toList();
    }

    private static List<LookoutItem> waits(PersonAccount account, Ledger ledger, DateSpan ahead) {
        return ledger
                .useBegins(ahead.first())
                .filter(begins -> ahead.contains(begins) && begins.isAfter(ahead.first()))
                .map(begins -> item(
                        account,
                        Kind.WAIT_ENDS,
                        begins,
                        "ends a wait",
                        account.policy().name() + " can be used from " + Words.day(begins) + " on; "
                                + Words.amount(
                                        ledger.balance(begins), account.policy().unit()) + " by then."))
                .stream()
                .toList();
    }

    private static List<LookoutItem> tenure(PersonAccount account, DateSpan ahead) {
        var employment = account.account().employment();
        int years = employment.completedYears(ahead.last());
        LocalDate anniversary = employment.serviceFrom().plusYears(years);
        if (years == 0 || !ahead.contains(anniversary)) {
            return List.of();
        }
        return account.account().policy().versions().on(anniversary).map(Terms::tenure).stream()
                .flatMap(List::stream)
                .filter(band -> band.fromYears() == years)
                .map((TenureBand band) -> item(
                        account,
                        Kind.TENURE,
                        anniversary,
                        "completes " + years + " years",
                        account.policy().name() + " is earned at " + band.amount() + " from " + Words.day(anniversary)
                                + " on."))
                .toList();
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
