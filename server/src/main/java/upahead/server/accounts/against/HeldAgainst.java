package upahead.server.accounts.against;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import upahead.core.calendar.DateSpan;
import upahead.core.ledger.Derivation;
import upahead.core.ledger.Explanation;
import upahead.core.ledger.Explanations;
import upahead.core.ledger.Ledger;
import upahead.core.quantity.Amount;
import upahead.server.accounts.Accounts;
import upahead.server.accounts.Outlook;
import upahead.server.accounts.PeopleInParts;
import upahead.server.accounts.PersonAccount;
import upahead.server.accounts.against.AnotherRecord.Said;
import upahead.server.accounts.against.HeldRow.Cause;
import upahead.server.employment.People;
import upahead.server.employment.Person;
import upahead.server.enrolment.Enrolled;
import upahead.server.enrolment.Enrolments;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.clock.Sight;
import upahead.server.platform.files.Progress;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.policies.Policies;
import upahead.server.policies.PolicyDetail;

/** Holds balances against what another record says of them on a day. */
@Service
public class HeldAgainst {

    private final Accounts accounts;
    private final People people;
    private final Enrolments enrolments;
    private final Policies policies;
    private final PeopleInParts parts;
    private final MovableClock clock;
    private final Sight sight;
    private final Progress progress;

    HeldAgainst(
            Accounts accounts,
            People people,
            Enrolments enrolments,
            Policies policies,
            PeopleInParts parts,
            MovableClock clock,
            Sight sight,
            Progress progress) {
        this.accounts = accounts;
        this.people = people;
        this.enrolments = enrolments;
        this.policies = policies;
        this.parts = parts;
        this.clock = clock;
        this.sight = sight;
        this.progress = progress;
    }

    private record Spot(long personId, long policyId) {}

    /**
     * Every balance that the other record says something of, and those of the same policies that it does not have although
     * somebody employed that day does; those that differ first, the largest difference before the others.
     *
     * @param said each balance once
     */
    @May(Permission.ADJUST_BALANCES)
    public List<HeldRow> of(List<Said> said, LocalDate asOf) {
        sight.require(asOf);
        Map<Spot, Amount> theirs = new HashMap<>();
        said.forEach(
                each -> theirs.put(new Spot(each.person().id(), each.policy().id()), each.balance()));
        Set<Spot> wanted = new HashSet<>(theirs.keySet());
        wanted.addAll(missing(said, theirs.keySet(), asOf));
        List<Person> concerned =
                people.get(wanted.stream().map(Spot::personId).distinct().toList());
        LocalDate last = Explanations.forecastThrough(asOf);
        Outlook outlook = Outlook.ahead(clock.today(), DateSpan.later(last, clock.today()));
        List<PolicyDetail> all = policies.all();
        List<HeldRow> rows = new ArrayList<>();
        int[] done = new int[1];
        parts.each(
                concerned,
                some -> accounts.of(some, outlook, all).stream()
                        .filter(account -> wanted.contains(spot(account)))
                        .map(account -> row(account, theirs.get(spot(account)), asOf))
                        .toList(),
                part -> {
                    rows.addAll(part);
                    done[0] += part.size();
                    progress.tell("Holding balances against the other record", done[0], wanted.size());
                });
        Set<Spot> found = rows.stream()
                .map(row -> new Spot(row.personId(), row.policyId()))
                .collect(Collectors.toSet());
        said.stream()
                .filter(each -> !found.contains(
                        new Spot(each.person().id(), each.policy().id())))
                .map(HeldAgainst::notEnrolled)
                .forEach(rows::add);
        rows.sort(Comparator.comparing((HeldRow row) -> !row.differs())
                .thenComparing(
                        row -> row.difference() == null
                                ? Amount.ZERO
                                : row.difference().abs(),
                        Comparator.reverseOrder())
                .thenComparing(HeldRow::person)
                .thenComparing(HeldRow::policy));
        return rows;
    }

    private static Spot spot(PersonAccount account) {
        return new Spot(account.person().id(), account.policy().id());
    }

    /** What the other record does not have of the policies it is about. */
    private Set<Spot> missing(List<Said> said, Set<Spot> there, LocalDate asOf) {
        Set<Long> policyIds = said.stream().map(each -> each.policy().id()).collect(Collectors.toSet());
        List<Enrolled> enrolled = policyIds.stream()
                .flatMap(policy -> enrolments.inPolicy(policy).stream())
                .filter(each -> !there.contains(new Spot(each.personId(), each.policyId())))
                .filter(each -> !each.enrolment().from().isAfter(asOf))
                .filter(each -> each.enrolment()
                        .ends()
                        .filter(end -> end.on().isBefore(asOf))
                        .isEmpty())
                .toList();
        Set<Long> employed = people
                .get(enrolled.stream().map(Enrolled::personId).distinct().toList())
                .stream()
                .filter(person -> person.isEmployedWithin(asOf, asOf))
                .map(Person::id)
                .collect(Collectors.toSet());
        return enrolled.stream()
                .filter(each -> employed.contains(each.personId()))
                .map(each -> new Spot(each.personId(), each.policyId()))
                .collect(Collectors.toSet());
    }

    private static HeldRow row(PersonAccount account, Amount theirs, LocalDate asOf) {
        Ledger recorded = Derivation.derive(account.on(asOf), asOf);
        Amount ours = recorded.balance(asOf);
        List<Cause> causes = theirs == null ? List.of() : causes(account, recorded, theirs, asOf);
        return new HeldRow(
                account.person().id(),
                account.person().code(),
                account.person().name(),
                account.person().team(),
                account.policy().id(),
                account.policy().name(),
                account.policy().unit(),
                ours,
                theirs,
                theirs == null ? null : theirs.minus(ours),
                true,
                causes);
    }

    private static List<Cause> causes(PersonAccount account, Ledger recorded, Amount theirs, LocalDate asOf) {
        Ledger forecast = Derivation.derive(account.account(), Explanations.forecastThrough(asOf));
        Function<Explanation, Cause> words = each -> new Cause(
                each.kind(), each.on(), CauseWords.of(each, account.policy().unit()));
        return Explanations.of(account.account(), recorded, forecast, asOf, theirs).stream()
                .map(words)
                .toList();
    }

    private static HeldRow notEnrolled(Said said) {
        return new HeldRow(
                said.person().id(),
                said.person().code(),
                said.person().name(),
                said.person().team(),
                said.policy().id(),
                said.policy().name(),
                said.policy().unit(),
                Amount.ZERO,
                said.balance(),
                said.balance(),
                false,
                List.of());
    }
}
