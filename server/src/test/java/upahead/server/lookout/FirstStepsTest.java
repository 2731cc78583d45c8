package upahead.server.lookout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.test.context.ContextConfiguration;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.calendar.HolidayCalendar.Holiday;
import upahead.core.calendar.PayCalendar;
import upahead.core.calendar.PayDay;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;
import upahead.server.OnEmptyDatabase;
import upahead.server.Somebody;
import upahead.server.TestDatabases;
import upahead.server.employment.EmploymentType;
import upahead.server.employment.NewPerson;
import upahead.server.employment.People;
import upahead.server.employment.PeopleQuery;
import upahead.server.employment.Person;
import upahead.server.employment.Placing;
import upahead.server.employment.Workplaces;
import upahead.server.enrolment.PuttingInForce;
import upahead.server.facts.adjustments.OpeningRow;
import upahead.server.facts.adjustments.Openings;
import upahead.server.holidays.Holidays;
import upahead.server.invitations.Invitations;
import upahead.server.lookout.FirstStep.What;
import upahead.server.organisation.Organisation;
import upahead.server.payruns.PayRuns;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.access.Role;
import upahead.server.platform.access.SignIns;
import upahead.server.policies.Coverage;
import upahead.server.policies.NewPolicy;
import upahead.server.policies.Policies;
import upahead.server.policies.PolicyDetail;
import upahead.server.policies.PolicyKind;
import upahead.server.policies.PolicyTexts;
import upahead.server.policies.RequestRules;
import upahead.server.policies.TermsWriter;
import upahead.server.staffing.Starters;

/** A company set up from nothing: each step ticks itself off by what is there, whoever put it there. */
@Tag(TestDatabases.ON_BOTH)
@SpringBootTest
@ContextConfiguration(initializers = OnEmptyDatabase.class)
@Transactional
class FirstStepsTest {

    private static final LocalDate FIRST_DAY = LocalDate.now()
            .with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY))
            .minusDays(7);

    @Autowired
    private FirstSteps steps;

    @Autowired
    private SignIns signIns;

    @Autowired
    private Organisation organisation;

    @Autowired
    private Starters starters;

    @Autowired
    private People people;

    @Autowired
    private Workplaces workplaces;

    @Autowired
    private Holidays holidays;

    @Autowired
    private Policies policies;

    @Autowired
    private PuttingInForce inForce;

    @Autowired
    private PolicyTexts texts;

    @Autowired
    private Openings openings;

    @Autowired
    private Invitations invitations;

    @Autowired
    private PayRuns runs;

    @Autowired
    private CurrentUser user;

    private final List<What> done = new ArrayList<>();

    @Test
    void everyStepTicksItselfOffFromWhatIsThere() {
        act(() -> {
            signIns.add("ada", "long enough, surely", Role.ADMINISTRATOR, "Ada Payroll", null);
            return null;
        });
        assertThat(act(steps::all)).extracting(FirstStep::what).containsExactly(What.values());
        assertDone();

        long site = act(() -> organisation.addSite("Mill"));
        long team = act(() -> organisation.addTeam("Loom hall"));
        assertDone();
        long group = act(() -> organisation.addPayGroup(
                "Weavers", new PayCalendar(PayCalendar.Every.WEEK, FIRST_DAY), PayDay.STANDARD));
        assertDone(What.PAY_GROUPS);

        act(() -> starters.addAll(
                List.of(
                        person("W1", site, team, group, "w1@loom.example"),
                        person("W2", site, team, group, null),
                        person("W3", site, team, group, null)),
                Map.of()));
        assertDone(What.PEOPLE);
        assertThat(step(What.APPROVERS).count()).isEqualTo(3);
        List<Person> everybody = people.search(PeopleQuery.everybody());
        everybody.stream()
                .skip(1)
                .forEach(each -> act(() -> {
                    workplaces.place(
                            each.id(),
                            FIRST_DAY,
                            decidedBy(each, everybody.get(0).id()));
                    return null;
                }));
        assertDone(What.APPROVERS);

        act(() -> {
            holidays.add(site, LocalDate.now().withDayOfYear(1), new Holiday("First day", false));
            return null;
        });
        assertDone(What.HOLIDAYS);

        PolicyDetail draft = act(() -> texts.write(new NewPolicy(
                "Loom leave",
                PolicyKind.VACATION,
                Unit.HOURS,
                true,
                "LOOM",
                "01-01",
                new RequestRules(false, false, 0, false),
                TermsWriter.perHours("1", "40").write())));
        assertDone();
        act(() -> inForce.putInForce(draft.id(), draft.versions().get(0).id(), 0, FIRST_DAY, Coverage.everybody(), ""));
        assertDone(What.POLICIES);

        act(() -> openings.set(
                List.of(new OpeningRow(
                        everybody.get(1).id(),
                        draft.id(),
                        FIRST_DAY,
                        Amount.of(3),
                        Amount.ZERO,
                        Amount.ZERO,
                        Amount.ZERO)),
                ""));
        assertDone(What.OPENINGS);

        act(() -> invitations.invite(everybody.get(0).id(), Role.APPROVER));
        assertDone(What.SIGN_INS);

        act(() -> {
            runs.begin(group, FIRST_DAY);
            return null;
        });
        assertDone(What.FIRST_RUN);
    }

    @Test
    void onlyAnAdministratorSetsUp() {
        assertThatThrownBy(() -> user.actAs(Somebody.employee(1), steps::all))
                .isInstanceOf(AccessDeniedException.class);
    }

    /** Besides what was done before, these and no others are done now. */
    private void assertDone(What... more) {
        done.addAll(List.of(more));
        assertThat(act(steps::all).stream().filter(FirstStep::done).map(FirstStep::what))
                .containsExactlyInAnyOrderElementsOf(done);
    }

    private FirstStep step(What what) {
        return act(steps::all).stream()
                .filter(each -> each.what() == what)
                .findFirst()
                .orElseThrow();
    }

    private static Placing decidedBy(Person person, long approver) {
        return new Placing(person.siteId(), person.teamId(), person.employmentType(), person.payGroupId(), approver);
    }

    private static NewPerson person(String code, long site, long team, long group, String email) {
        List<Amount> week = Stream.of(8, 8, 8, 8, 8, 0, 0).map(Amount::of).toList();
        LocalDate hired = LocalDate.of(2020, 3, 2);
        return new NewPerson(
                code,
                "Weaver " + code,
                email,
                site,
                team,
                EmploymentType.HOURLY,
                group,
                null,
                hired,
                null,
                hired,
                week,
                Amount.ONE);
    }

    private <T> T act(Supplier<T> work) {
        return user.actAs(Somebody.ADMINISTRATOR, work);
    }
}
