package upahead.server.staffing;

import java.util.function.Predicate;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.employment.Hiring;
import upahead.server.employment.People;
import upahead.server.employment.Person;
import upahead.server.enrolment.Enrolling;
import upahead.server.organisation.Organisation;
import upahead.server.periods.LateChanges;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.policies.Coverage;
import upahead.server.policies.Policies;

/** Takes out what was entered by mistake: people, sites, teams and pay groups on which nothing hangs. */
@Service
public class Removals {

    private final People people;
    private final Hiring hiring;
    private final Organisation organisation;
    private final Policies policies;
    private final Enrolling enrolling;
    private final LateChanges changes;

    Removals(
            People people,
            Hiring hiring,
            Organisation organisation,
            Policies policies,
            Enrolling enrolling,
            LateChanges changes) {
        this.people = people;
        this.hiring = hiring;
        this.organisation = organisation;
        this.policies = policies;
        this.enrolling = enrolling;
        this.changes = changes;
    }

    /**
     * @throws Refusal if hours, leave, balances, a run, a sign-in or other people hang on them
     */
    @Transactional
    @May(Permission.KEEP_PEOPLE)
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
                    enrolling.forget(id);
                    changes.forget(id);
                    hiring.remove(id);
                });
    }

    /**
     * @throws Refusal if people are or were there, it has holidays, or a policy names it
     */
    @Transactional
    @May(Permission.KEEP_PEOPLE)
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
    @May(Permission.KEEP_PEOPLE)
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
    @May(Permission.KEEP_PEOPLE)
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
