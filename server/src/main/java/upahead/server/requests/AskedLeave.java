package upahead.server.requests;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import upahead.core.calendar.DateSpan;
import upahead.core.leave.Taken;
import upahead.core.ledger.Account;
import upahead.core.ledger.Askable;
import upahead.core.ledger.Derivation;
import upahead.core.ledger.Ledger;
import upahead.core.ledger.RequestCheck;
import upahead.core.ledger.RequestProblem;
import upahead.core.ledger.RequestProblem.NotCovered;
import upahead.core.quantity.Amount;
import upahead.server.accounts.PersonAccount;
import upahead.server.requests.RequestReview.AffordableDay;
import upahead.server.requests.RequestReview.AffordablePart;

/**
 * Leave asked for beside the account that it is taken from: what is left, and what the balance says against it. Days up
 * to today go by recorded hours, later ones by the forecast.
 */
final class AskedLeave {

    private final PersonAccount account;
    private final List<Taken> asked;
    private final DateSpan lastYear;
    private final Ledger forecast;
    private final Ledger recorded;

    /**
     * @param asked the days that cost something and are not taken yet
     * @param last the last day asked for, whether it costs something or not
     */
    AskedLeave(PersonAccount account, List<Taken> asked, LocalDate last) {
        this.account = account;
        this.asked = asked;
        Account facts = account.account();
        this.lastYear =
                facts.policy().benefitYear().containing(last, facts.employment().hired());
        this.forecast = Derivation.derive(with(facts), lastYear.last());
        this.recorded = Derivation.derive(with(account.on(account.today())), account.today());
    }

    private Account with(Account facts) {
        List<Taken> all =
                Stream.concat(facts.facts().taken().stream(), asked.stream()).toList();
        return facts.withFacts(facts.facts().withTaken(all));
    }

    /** The last day of the benefit year of the last day asked for. */
    LocalDate yearEnds() {
        return lastYear.last();
    }

    /** The balance at the end of a day with the leave taken; nothing where there is no balance. */
    Optional<Amount> left(LocalDate day) {
        return account.policy().recordedOnly()
                ? Optional.empty()
                : Optional.of((day.isAfter(account.today()) ? forecast : recorded).balance(day));
    }

    /** What can be asked for from a day on, without this leave; nothing where there is no balance. */
    Optional<Amount> askable(LocalDate on) {
        if (account.policy().recordedOnly()) {
            return Optional.empty();
        }
        Amount available = Derivation.derive(account.on(on), on).available(on);
        return Optional.of(Askable.on(account.account(), on, available));
    }

    /** What stands against it; of a kind that is only recorded, only days that are not covered. */
    List<RequestProblem> problems() {
        if (asked.isEmpty()) {
            return List.of();
        }
        Stream<RequestProblem> ahead = RequestCheck.of(account.account(), asked).problems().stream()
                .filter(problem -> problem.on().isAfter(account.today()));
        Stream<RequestProblem> soFar = RequestCheck.of(account.on(account.today()), asked).problems().stream()
                .filter(problem -> !problem.on().isAfter(account.today()));
        return Stream.concat(soFar, ahead)
                .filter(problem -> !account.policy().recordedOnly() || problem instanceof NotCovered)
                .toList();
    }

    /** Its largest part that is affordable. */
    AffordablePart affordable() {
        List<Taken> part = RequestCheck.largestAffordable(account.account(), asked, PartsOfDays.step(account.policy()));
        return new AffordablePart(
                Amount.sum(part.stream().map(Taken::amount).toList()),
                part.stream()
                        .map(day -> new AffordableDay(day.on(), day.amount()))
                        .toList());
    }
}
