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
import upahead.server.accounts.Accounts;
import upahead.server.accounts.AheadView;
import upahead.server.accounts.AheadWords;
import upahead.server.accounts.Outlook;
import upahead.server.accounts.PeopleInParts;
import upahead.server.accounts.PersonAccount;
import upahead.server.employment.Person;
import upahead.server.lookout.LookoutItem.Kind;
import upahead.server.lookout.LookoutItem.Urgency;
import upahead.server.policies.Policies;
import upahead.server.policies.PolicyDetail;

/** What is about to happen to balances: time withheld or lapsing, waits that end, tenure steps. */
@Component
class AheadFinder {

    private final Accounts accounts;
    private final PeopleInParts parts;
    private final Policies policies;

    AheadFinder(Accounts accounts, PeopleInParts parts, Policies policies) {
        this.accounts = accounts;
        this.parts = parts;
        this.policies = policies;
    }

    /**
     * Finds it for some people, in the order of their ids.
     *
     * @param ahead from today on
     */
    List<LookoutItem> find(List<Person> some, DateSpan ahead) {
        Outlook outlook = Outlook.ahead(ahead.first(), ahead.last());
        List<PolicyDetail> all = policies.all();
        List<LookoutItem> items = new ArrayList<>();
        parts.rows(
                some,
                "Looking ahead for people",
                part -> accounts.of(part, outlook, all).stream()
                        .flatMap(account -> find(account, ahead).stream())
                        .toList(),
                items::add);
        return items;
    }

    private static List<LookoutItem> find(PersonAccount account, DateSpan ahead) {
        if (account.policy().recordedOnly()) {
            return List.of();
        }
        List<LookoutItem> items = new ArrayList<>();
        Ledger ledger = Derivation.derive(account.account(), ahead.last());
        Set<Class<?>> told = new HashSet<>();
        for (Upcoming upcoming : Ahead.of(account.account(), ledger, ahead)) {
            item(account, upcoming)
                    .filter(unused -> told.add(upcoming.getClass()))
                    .ifPresent(items::add);
        }
        return items;
    }

    /** What needs a look; of each kind the first is told. */
    private static Optional<LookoutItem> item(PersonAccount account, Upcoming upcoming) {
        AheadView told = AheadWords.of(upcoming, account);
        return switch (told.what()) {
            case WITHHELD -> Optional.of(item(account, Kind.WITHHELD, told.on(), "is about to reach a limit", told));
            case LAPSE -> Optional.of(item(account, Kind.LAPSE, told.on().minusDays(1), "is about to lose time", told));
            case USE_BEGINS -> Optional.of(item(account, Kind.WAIT_ENDS, told.on(), "ends a wait", told));
            case TENURE_STEP ->
                Optional.of(item(account, Kind.TENURE, told.on(), "reaches more years of service", told));
            default -> Optional.empty();
        };
    }

    private static LookoutItem item(PersonAccount account, Kind kind, LocalDate by, String what, AheadView told) {
        return new LookoutItem(
                Urgency.FURTHER_AHEAD,
                kind,
                by,
                account.person().name() + " " + what,
                told.policy() + ": " + Character.toLowerCase(told.message().charAt(0))
                        + told.message().substring(1),
                account.person().id(),
                account.person().name(),
                null,
                null,
                told.policyId(),
                told.policy(),
                told.amount(),
                told.amount() == null ? null : told.unit());
    }
}
