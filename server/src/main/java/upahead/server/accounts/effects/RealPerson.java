package upahead.server.accounts.effects;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.calendar.DateSpan;
import upahead.core.ledger.Account;
import upahead.core.ledger.Derivation;
import upahead.core.policy.Enrolment;
import upahead.core.quantity.Unit;
import upahead.rehearsal.WrittenCase;
import upahead.server.accounts.Accounts;
import upahead.server.accounts.Outlook;
import upahead.server.accounts.PersonAccount;
import upahead.server.employment.People;
import upahead.server.employment.Person;
import upahead.server.enrolment.CoveredPeople;
import upahead.server.enrolment.SampleRehearsal;
import upahead.server.enrolment.SampleRehearsal.Rehearsed;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.policies.Policies;
import upahead.server.policies.PolicyDetail;
import upahead.server.policies.PolicyKind;
import upahead.server.policies.PolicyVersion;
import upahead.server.policies.RequestRules;
import upahead.server.policies.TermsWords;
import upahead.server.policies.VersionState;
import upahead.written.WrittenTerms;

/** Two years of a real person, from today on, under the text of a policy that is being written. */
@Service
class RealPerson {

    private static final int YEARS = 2;
    private static final long NOT_KEPT_YET = 0;

    private final Accounts accounts;
    private final People people;
    private final Policies policies;
    private final CoveredPeople covered;
    private final MovableClock clock;

    RealPerson(Accounts accounts, People people, Policies policies, CoveredPeople covered, MovableClock clock) {
        this.accounts = accounts;
        this.people = people;
        this.policies = policies;
        this.covered = covered;
        this.clock = clock;
    }

    /**
     * The text of a policy and a person.
     *
     * @param policyId null for a policy that is not kept yet
     * @param rules for requests, null where they are not to be looked at
     */
    record Question(
            long personId, Long policyId, Unit unit, String benefitYear, WrittenTerms terms, RequestRules rules) {}

    private record Subject(Person person, DateSpan days, Account account) {}

    /** Derives the person's ledger with the text in force from today on, or from the hire date if that is later. */
    @Transactional(readOnly = true)
    @May(Permission.WRITE_POLICIES)
    public Rehearsed rehearse(Question question) {
        Subject subject = subject(question);
        return SampleRehearsal.rehearsed(
                Derivation.derive(subject.account(), subject.days().last()),
                subject.days(),
                TermsWords.of(question.unit(), question.benefitYear(), question.terms()),
                covered.conflicts(
                        question.unit(),
                        question.benefitYear(),
                        question.terms(),
                        question.rules(),
                        question.policyId()),
                subject.person().payGroup());
    }

    /**
     * The person and what happened to them as an example, without figures that are expected, numbers as decimal strings.
     * Exceptions made for the person, paid leave of other policies and half holidays are not in it.
     *
     * @param name of the example, not empty
     */
    @Transactional(readOnly = true)
    @May(Permission.WRITE_POLICIES)
    public String example(Question question, String name) {
        Subject subject = subject(question);
        return WrittenCase.of(name, subject.account(), subject.days().last()).exact();
    }

    private Subject subject(Question question) {
        Person person = people.get(question.personId());
        LocalDate first = DateSpan.later(clock.today(), person.hired());
        DateSpan days = new DateSpan(first, first.plusYears(YEARS).minusDays(1));
        PersonAccount found = accounts.inPolicy(
                        List.of(person),
                        Outlook.ahead(clock.today(), days.last()),
                        policy(question, first),
                        each -> Enrolment.from(first))
                .get(0);
        return new Subject(person, days, found.account());
    }

    private PolicyDetail policy(Question question, LocalDate from) {
        PolicyVersion text =
                new PolicyVersion(NOT_KEPT_YET, VersionState.IN_FORCE, from, question.terms(), List.of(), 0);
        if (question.policyId() != null) {
            PolicyDetail kept = policies.get(question.policyId());
            List<PolicyVersion> versions = new ArrayList<>(kept.versions());
            versions.removeIf(version -> from.equals(version.starts()));
            versions.add(text);
            return kept.withVersions(versions);
        }
        return new PolicyDetail(
                NOT_KEPT_YET,
                "",
                PolicyKind.OTHER,
                question.unit(),
                true,
                false,
                "",
                question.benefitYear(),
                question.rules(),
                null,
                null,
                0,
                0,
                List.of(text));
    }
}
