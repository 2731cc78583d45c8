package upahead.server.platform.audit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.function.Supplier;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.security.access.AccessDeniedException;
import upahead.core.policy.EndBalance;
import upahead.core.quantity.Amount;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.employment.EmploymentChanges;
import upahead.server.employment.People;
import upahead.server.employment.Person;
import upahead.server.employment.Placing;
import upahead.server.employment.Workplaces;
import upahead.server.enrolment.Covering;
import upahead.server.enrolment.Ending;
import upahead.server.holidays.Holidays;
import upahead.server.lookout.FirstStep;
import upahead.server.lookout.FirstSteps;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.json.Page;
import upahead.server.policies.Coverage;
import upahead.server.policies.Policies;

/** Reading who changed what, as one list and on the thing itself. */
@WithDemo
class AuditTrailTest {

    private static final long KERENSA = 27;
    private static final long TEODRIC = 2;
    private static final long VOLUNTEERING = 8;
    private static final Ending PAID_OUT = new Ending(EndBalance.PAY_OUT, null);

    @Autowired
    private AuditTrail trail;

    @Autowired
    private EmploymentChanges employments;

    @Autowired
    private People people;

    @Autowired
    private Workplaces workplaces;

    @Autowired
    private Policies policies;

    @Autowired
    private Covering covering;

    @Autowired
    private Holidays holidays;

    @Autowired
    private FirstSteps firstSteps;

    @Autowired
    private CurrentUser user;

    @Test
    void aChangeStandsOnTheThingItselfWithBeforeAndAfter() {
        act(() -> {
            employments.changeFte(KERENSA, LocalDate.of(2027, 5, 1), Amount.of("0.7"));
            return null;
        });
        assertThat(read(query("person", KERENSA, null, null, null)).items().get(0))
                .satisfies(record -> {
                    assertThat(record.actor()).isEqualTo("Ada Payroll");
                    assertThat(record.what()).isEqualTo("changed the FTE from 1 May 2027");
                    assertThat(record.before()).contains("1");
                    assertThat(record.after()).contains("0.7");
                });
    }

    @Test
    void peopleTeamsAndPoliciesAreNamedInsteadOfNumbered() {
        Person person = act(() -> people.get(KERENSA));
        act(() -> {
            workplaces.place(KERENSA, LocalDate.of(2027, 5, 10), decidedBy(person, TEODRIC));
            covering.cover(VOLUNTEERING, Coverage.teams(List.of(person.teamId())), LocalDate.of(2027, 5, 10), PAID_OUT);
            return null;
        });
        assertThat(read(query("person", KERENSA, null, "changed where", null))
                        .items()
                        .get(0))
                .satisfies(record -> {
                    assertThat(record.thing()).isEqualTo(person.name());
                    assertThat(record.before())
                            .contains("\"approverId\":\"" + person.approver() + "\"")
                            .contains("\"teamId\":\"" + person.team() + "\"");
                    assertThat(record.after()).contains("\"approverId\":\"Teodric");
                });
        assertThat(read(query("policy", VOLUNTEERING, null, "changed who", null))
                        .items()
                        .get(0))
                .satisfies(record -> {
                    assertThat(record.thing()).isEqualTo("Volunteering");
                    assertThat(record.after()).contains("\"teams\":[\"" + person.team() + "\"]");
                });
        assertThat(act(() -> trail.export(query("policy", VOLUNTEERING, null, null, null)))
                        .content())
                .contains(",policy,Volunteering,");
    }

    @Test
    void whatIsGoneSinceKeepsItsNumberAndItsLastState() {
        long id = act(() -> {
            holidays.protect(LocalDate.of(2027, 9, 1), LocalDate.of(2027, 9, 2), "Stocktaking", null);
            long added = holidays.protectedDates().stream()
                    .filter(each -> each.reason().equals("Stocktaking"))
                    .findFirst()
                    .orElseThrow()
                    .id();
            holidays.unprotect(added);
            return added;
        });
        assertThat(read(query("protected date", id, null, null, null)).items())
                .hasSize(2)
                .allSatisfy(record -> assertThat(record.thing()).isNull())
                .first()
                .satisfies(record -> assertThat(record.before()).contains("Stocktaking"));
    }

    @Test
    void theListIsFilteredByWhoWhatAndWhen() {
        int all = read(query(null, null, null, null, null)).total();
        int ofTeodric = read(query(null, null, "teodric", null, null)).total();
        assertThat(ofTeodric).isPositive().isLessThan(all);
        assertThat(read(query(null, null, null, "hire", null)).total()).isLessThan(all);
        assertThat(read(query(null, null, null, null, LocalDate.of(2099, 1, 1))).total())
                .isZero();
        assertThat(act(trail::subjects)).contains("person", "policy", "request", "pay run");
    }

    @Test
    void theExportHasEveryRowThatMatches() {
        AuditQuery policies = query("policy", null, null, null, null);
        List<String> lines = act(() -> trail.export(policies)).lines();
        assertThat(lines.get(0)).isEqualTo("at,who,kind,thing,what,before,after");
        assertThat(lines).hasSizeGreaterThan(read(policies).total());
    }

    @Test
    void onlyAnAdministratorReadsIt() {
        assertThatThrownBy(
                        () -> user.actAs(Somebody.approver(4), () -> trail.read(query(null, null, null, null, null))))
                .isInstanceOf(AccessDeniedException.class);
    }

    @Test
    void theFirstStepsAreGoneOnceARunIsClosed() {
        List<FirstStep> steps = act(firstSteps::all);
        assertThat(steps).isEmpty();
    }

    private static Placing decidedBy(Person person, long approverId) {
        return new Placing(person.siteId(), person.teamId(), person.employmentType(), person.payGroupId(), approverId);
    }

    private static AuditQuery query(String subject, Long id, String actor, String search, LocalDate from) {
        return new AuditQuery(subject, id, actor, search, from, null, 0, 50);
    }

    private Page<AuditRecord> read(AuditQuery query) {
        return act(() -> trail.read(query));
    }

    private <T> T act(Supplier<T> work) {
        return user.actAs(Somebody.ADMINISTRATOR, work);
    }
}
