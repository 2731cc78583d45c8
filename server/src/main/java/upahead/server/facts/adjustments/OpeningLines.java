package upahead.server.facts.adjustments;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.facts.OpeningBalance;
import upahead.server.employment.People;
import upahead.server.employment.Person;
import upahead.server.enrolment.Enrolled;
import upahead.server.enrolment.Enrolments;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.json.Page;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.platform.sql.TurnStore;
import upahead.server.platform.sql.WhileUnchanged;
import upahead.server.platform.words.Search;
import upahead.server.policies.Policies;

/** Who is in a policy, with the opening balance each has: all of them, a page, or those of a file. */
@Service
public class OpeningLines {

    private static final int MOST_KEPT = 50_000;

    private final OpeningStore store;
    private final People people;
    private final Policies policies;
    private final Enrolments enrolments;
    private final MovableClock clock;
    private final WhileUnchanged<Question, OpeningLine> known;

    /** Of which policy, and on what day it is asked: teams change. */
    private record Question(long policyId, LocalDate today) {}

    OpeningLines(
            OpeningStore store,
            People people,
            Policies policies,
            Enrolments enrolments,
            MovableClock clock,
            TurnStore turns) {
        this.store = store;
        this.people = people;
        this.policies = policies;
        this.enrolments = enrolments;
        this.clock = clock;
        this.known = WhileUnchanged.byTheDay(turns, MOST_KEPT);
    }

    /**
     * Some of those in a policy.
     *
     * @param total how many are wanted
     */
    public record OpeningPage(List<OpeningLine> items, int total) {}

    /** Everybody in a policy, with the newest opening balance each has, by name. */
    @Transactional(readOnly = true)
    @May(Permission.ADJUST_BALANCES)
    public List<OpeningLine> of(long policyId) {
        return known.of(new Question(policyId, clock.today()), () -> lines(policyId));
    }

    /**
     * The same, page by page.
     *
     * @param search words, each of which the name, code or team has; null for everybody
     * @param page from 0
     * @param size how many a page, above 0
     */
    @Transactional(readOnly = true)
    @May(Permission.ADJUST_BALANCES)
    public OpeningPage page(long policyId, String search, int page, int size) {
        Search wanted = Search.of(search);
        List<OpeningLine> found = of(policyId).stream()
                .filter(line -> wanted.finds(line.person(), line.code(), line.team()))
                .toList();
        return new OpeningPage(Page.part(found, page, size), found.size());
    }

    /** The same of some people, as far as they are in the policy. */
    @Transactional(readOnly = true)
    @May(Permission.ADJUST_BALANCES)
    public List<OpeningLine> of(long policyId, Collection<Long> personIds) {
        Set<Long> wanted = Set.copyOf(personIds);
        return of(policyId).stream()
                .filter(line -> wanted.contains(line.personId()))
                .toList();
    }

    private List<OpeningLine> lines(long policyId) {
        policies.get(policyId);
        Set<Long> enrolled =
                enrolments.inPolicy(policyId).stream().map(Enrolled::personId).collect(Collectors.toSet());
        Map<Long, List<OpeningFact>> openings = store.of(enrolled);
        return people.get(enrolled).stream()
                .map(person -> line(person, newest(openings.getOrDefault(person.id(), List.of()), policyId)))
                .toList();
    }

    static Optional<OpeningBalance> newest(List<OpeningFact> own, long policyId) {
        return own.stream()
                .filter(each -> each.policyId() == policyId)
                .map(OpeningFact::opening)
                .reduce((one, other) -> one.on().isAfter(other.on()) ? one : other);
    }

    /** The same as rows of a file, which can be filled in and brought in again. */
    @Transactional(readOnly = true)
    @May(Permission.ADJUST_BALANCES)
    public List<OpeningTableRow> table(long policyId) {
        String policy = policies.get(policyId).name();
        return of(policyId).stream()
                .map(line -> new OpeningTableRow(
                        line.code(),
                        line.person(),
                        policy,
                        line.on(),
                        line.balance(),
                        line.earnedThisYear(),
                        line.usedThisYear(),
                        line.hoursTowardNextStep()))
                .toList();
    }

    private static OpeningLine line(Person person, Optional<OpeningBalance> opening) {
        return new OpeningLine(
                person.id(),
                person.code(),
                person.name(),
                person.team(),
                opening.map(OpeningBalance::on).orElse(null),
                opening.map(OpeningBalance::balance).orElse(null),
                opening.map(OpeningBalance::earnedThisYear).orElse(null),
                opening.map(OpeningBalance::usedThisYear).orElse(null),
                opening.map(OpeningBalance::hoursTowardNextStep).orElse(null));
    }
}
