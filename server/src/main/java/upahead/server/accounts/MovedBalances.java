package upahead.server.accounts;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import upahead.core.calendar.DateSpan;
import upahead.core.facts.Adjustment;
import upahead.core.facts.Facts;
import upahead.core.ledger.Derivation;
import upahead.core.ledger.LedgerLine;
import upahead.core.ledger.Reason;
import upahead.core.policy.Enrolment;
import upahead.core.quantity.Amount;
import upahead.server.enrolment.Enrolled;

/** Lets a balance go on in another policy on the day after an enrolment ended that way; derived, like every balance. */
final class MovedBalances {

    private MovedBalances() {}

    /**
     * The accounts of one person with what moved into them.
     *
     * @param enrolled of the person, by policy
     */
    static List<PersonAccount> applied(List<PersonAccount> accounts, Map<Long, Enrolled> enrolled) {
        List<Enrolled> moving = enrolled.values().stream()
                .filter(each -> each.movedTo() != null)
                .sorted(Comparator.comparing(MovedBalances::endsOn))
                .toList();
        List<PersonAccount> applied = new ArrayList<>(accounts);
        for (Enrolled each : moving) {
            Optional<PersonAccount> from = find(applied, each.policyId());
            Optional<PersonAccount> to = find(applied, each.movedTo());
            if (from.isPresent() && to.isPresent()) {
                Amount moved = moved(from.get(), endsOn(each));
                if (!moved.isZero()) {
                    Adjustment arriving = new Adjustment(
                            endsOn(each).plusDays(1),
                            moved,
                            "moved from " + from.get().policy().name());
                    applied.set(applied.indexOf(to.get()), with(to.get(), arriving));
                }
            }
        }
        return applied;
    }

    private static Optional<PersonAccount> find(List<PersonAccount> accounts, long policyId) {
        return accounts.stream().filter(each -> each.policy().id() == policyId).findFirst();
    }

    private static LocalDate endsOn(Enrolled enrolled) {
        return enrolled.enrolment().ends().map(Enrolment.End::on).orElse(LocalDate.MAX);
    }

    private static Amount moved(PersonAccount from, LocalDate on) {
        return Derivation.derive(from.on(on), on).linesWithin(new DateSpan(on, on)).stream()
                .filter(line -> line.reason() instanceof Reason.MovedToAnotherPolicy)
                .map(LedgerLine::amount)
                .findFirst()
                .map(Amount::negated)
                .orElse(Amount.ZERO);
    }

    private static PersonAccount with(PersonAccount to, Adjustment arriving) {
        Facts facts = to.account().facts();
        return to.withAccount(to.account()
                .withFacts(facts.withAdjustments(Stream.concat(facts.adjustments().stream(), Stream.of(arriving))
                        .toList())));
    }
}
