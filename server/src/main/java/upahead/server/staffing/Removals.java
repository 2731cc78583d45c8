package upahead.server.staffing;

import java.util.function.Predicate;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.changes.LateChanges;
import upahead.server.people.Organisation;
import upahead.server.people.People;
import upahead.server.people.Person;
import upahead.server.policies.Coverage;
import upahead.server.policies.Enrolments;
import upahead.server.policies.Policies;
import upahead.server.problems.Refusal;

/** Takes out what was entered by mistake: people, sites, teams and pay groups on which nothing hangs. */
@Service
public class Removals {

    private final People people;
    private final Organisation organisation;
    private final Policies policies;
    private final Enrolments enrolments;
    private final LateChanges changes;

    Removals(People people, Organisation organisation, Policies policies, Enrolments enrolments, LateChanges changes) {
        this.people = people;
        this.organisation = organisation;
        this.policies = policies;
        this.enrolments = enrolments;
        this.changes = changes;
    }

    /**
     * @throws Refusal if hours, leave, balances, a run, a sign-in or other people hang on them
     */
    @Transactional
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public void person(long id) {
        Person person = people.get(id);
        requireNotNamed(
                person.name(),
                coverage -> coverage.named().contains(id) || coverage.excluded().contains(id));
        refused(
                person.name()
                        + " cannot be removed: hours, leave, balances, a closed run, a sign-in or other people hang on"
                        + " them. Set a last day instead.",
                () -> {
                    enrolments.forget(id);
                    changes.forget(id);
                    people.remove(id);
                });
    }

    /**
     * @throws Refusal if people are or were there, it has holidays, or a policy names it
     */
    @Transactional
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public void site(long id) {
        requireNotNamed("This site", coverage -> coverage.sites().contains(id));
        refused(
                "This site cannot be removed: people are or were there, or it has holidays.",
                () -> organisation.removeSite(id));
    }

    /**
     * @throws Refusal if people are or were in it, protected dates name it, or a policy does
     */
    @Transactional
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public void team(long id) {
        requireNotNamed(
                "This team",
                coverage -> coverage.teams().contains(id) || coverage.notTeams().contains(id));
        refused(
                "This team cannot be removed: people are or were in it, or protected dates are meant for it.",
                () -> organisation.removeTeam(id));
    }

    /**
     * @throws Refusal if people are or were paid in it, or it has runs
     */
    @Transactional
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public void payGroup(long id) {
        refused(
                "This pay group cannot be removed: people are or were paid in it, or it has runs.",
                () -> organisation.removePayGroup(id));
    }

    private void requireNotNamed(String what, Predicate<Coverage> names) {
        policies.all().stream()
                .filter(policy -> policy.coverage() != null && names.test(policy.coverage()))
                .findFirst()
                .ifPresent(policy -> {
                    throw Refusal.conflict(
                            what + " cannot be removed: " + policy.name() + " says who is covered by it.");
                });
    }

    private static void refused(String sentence, Runnable removal) {
        try {
            removal.run();
        } catch (DataIntegrityViolationException hanging) {
            throw Refusal.conflict(sentence);
        }
    }
}
