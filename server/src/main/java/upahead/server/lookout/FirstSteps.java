package upahead.server.lookout;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.employment.People;
import upahead.server.employment.PeopleQuery;
import upahead.server.facts.adjustments.Openings;
import upahead.server.holidays.Holidays;
import upahead.server.lookout.FirstStep.What;
import upahead.server.organisation.Organisation;
import upahead.server.organisation.PayGroup;
import upahead.server.payruns.PayRuns;
import upahead.server.platform.access.SignIns;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.policies.Policies;
import upahead.server.policies.PolicyDetail;

/** What is to be set up first, in order; each step is done when what it asks for is there. */
@Service
public class FirstSteps {

    private final Organisation organisation;
    private final People people;
    private final Policies policies;
    private final Openings openings;
    private final Holidays holidays;
    private final SignIns signIns;
    private final PayRuns runs;
    private final MovableClock clock;

    FirstSteps(
            Organisation organisation,
            People people,
            Policies policies,
            Openings openings,
            Holidays holidays,
            SignIns signIns,
            PayRuns runs,
            MovableClock clock) {
        this.organisation = organisation;
        this.people = people;
        this.policies = policies;
        this.openings = openings;
        this.holidays = holidays;
        this.signIns = signIns;
        this.runs = runs;
        this.clock = clock;
    }

    /** The steps in their order; none once a first run is closed. */
    @Transactional(readOnly = true)
    @May(Permission.KEEP_THE_COMPANY)
    public List<FirstStep> all() {
        List<PayGroup> groups = organisation.payGroups();
        if (groups.stream().anyMatch(this::hasClosed)) {
            return List.of();
        }
        LocalDate today = clock.today();
        int everybody = people.count(PeopleQuery.everybody());
        int undecided = people.count(PeopleQuery.everybody().undecided());
        long inForce = policies.all().stream().filter(FirstSteps::isInForce).count();
        boolean hasHolidays =
                holidays.all().stream().anyMatch(holiday -> holiday.on().getYear() == today.getYear());
        List<FirstStep> steps = new ArrayList<>();
        steps.add(new FirstStep(What.PAY_GROUPS, !groups.isEmpty(), groups.size()));
        steps.add(new FirstStep(What.PEOPLE, everybody > 0, everybody));
        steps.add(new FirstStep(What.APPROVERS, everybody > 0 && undecided <= 1, undecided));
        steps.add(new FirstStep(What.HOLIDAYS, hasHolidays, 0));
        steps.add(new FirstStep(What.POLICIES, inForce > 0, (int) inForce));
        int opened = openings.count();
        steps.add(new FirstStep(What.OPENINGS, opened > 0, opened));
        int others = signIns.count() - 1;
        steps.add(new FirstStep(What.SIGN_INS, others > 0, others));
        boolean begun = !groups.isEmpty()
                && groups.stream().noneMatch(group -> runs.ofGroup(group.id()).isEmpty());
        steps.add(new FirstStep(What.FIRST_RUN, begun, 0));
        return steps;
    }

    private boolean hasClosed(PayGroup group) {
        return runs.ofGroup(group.id()).stream().anyMatch(run -> run.closedAt() != null);
    }

    private static boolean isInForce(PolicyDetail policy) {
        return policy.versions().stream().anyMatch(version -> version.starts() != null);
    }
}
