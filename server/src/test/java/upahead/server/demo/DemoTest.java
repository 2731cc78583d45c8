package upahead.server.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import upahead.core.earning.NoEarning;
import upahead.core.earning.PerHoursWorked;
import upahead.core.earning.PerPeriod;
import upahead.core.earning.Scaling;
import upahead.core.earning.Upfront;
import upahead.core.ledger.LineKind;
import upahead.core.payrun.NewPosting;
import upahead.core.policy.Leftover;
import upahead.core.policy.Limit;
import upahead.core.policy.Terms;
import upahead.core.policy.Usability;
import upahead.core.quantity.Rounding;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.lookout.Lookout;
import upahead.server.lookout.LookoutItem;
import upahead.server.organisation.Organisation;
import upahead.server.organisation.PayGroup;
import upahead.server.payruns.PayRun;
import upahead.server.payruns.PayRuns;
import upahead.server.payruns.RunEvent;
import upahead.server.payruns.RunState;
import upahead.server.payruns.WorksheetLine;
import upahead.server.payruns.WorksheetQuery;
import upahead.server.payruns.WorksheetRow;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.clock.MovableClock;
import upahead.server.policies.Policies;
import upahead.server.policies.PolicyDetail;
import upahead.server.policies.PolicyTerms;
import upahead.server.requests.Requests;
import upahead.server.requests.leave.RequestQuery;
import upahead.server.requests.leave.RequestState;

/** The demo shows what it promises. */
@WithDemo
class DemoTest {

    @Autowired
    private CurrentUser user;

    @Autowired
    private PayRuns runs;

    @Autowired
    private Organisation organisation;

    @Autowired
    private Policies policies;

    @Autowired
    private Lookout lookout;

    @Autowired
    private Requests requests;

    @Autowired
    private MovableClock clock;

    @Test
    void standsOnItsDayWithThreeMonthsOfClosedRuns() {
        assertThat(clock.today()).isEqualTo("2027-04-26");
        for (PayGroup group : organisation.payGroups()) {
            List<PayRun> all = user.actAs(Somebody.ADMINISTRATOR, () -> runs.ofGroup(group.id()));
            assertThat(all).filteredOn(run -> run.state() == RunState.CLOSED).hasSizeGreaterThanOrEqualTo(6);
            assertThat(all.get(0).state()).isEqualTo(RunState.GATHERING);
        }
    }

    @Test
    void theOpeningOfTheNextRunIsWhatWasPostedForEverybody() {
        Map<String, WorksheetRow> rows = hourlyRun(1).stream()
                .collect(Collectors.toMap(row -> row.personId() + "/" + row.policyId(), row -> row));
        assertThat(hourlyRun(0)).isNotEmpty().allSatisfy(row -> assertThat(row.opening())
                .isEqualTo(rows.get(row.personId() + "/" + row.policyId()).closing()));
    }

    @Test
    void everyRuleIsAtWorkInSomePolicy() {
        List<Terms> all = policies.all().stream()
                .flatMap(policy -> policy.versions().stream())
                .map(version -> PolicyTerms.of(version.terms()))
                .toList();
        assertThat(all)
                .extracting(terms -> (Object) terms.earning().getClass())
                .contains(Upfront.class, PerPeriod.class, PerHoursWorked.class, NoEarning.class);
        assertThat(all.stream()
                        .filter(terms -> terms.earning() instanceof PerPeriod)
                        .map(terms -> (PerPeriod) terms.earning()))
                .flatExtracting(PerPeriod::every, PerPeriod::months, PerPeriod::posts)
                .contains((Object[]) PerPeriod.Every.values())
                .contains((Object[]) PerPeriod.Months.values())
                .contains((Object[]) PerPeriod.Posts.values());
        for (Limit limit : Limit.values()) {
            assertThat(all).anyMatch(terms -> terms.limits().on(limit).isPresent());
        }
        List<Predicate<Terms>> rules = List.of(
                terms -> !terms.tenure().isEmpty(),
                terms -> terms.scaling() == Scaling.BY_FTE,
                terms -> terms.waitToEarn().count() > 0,
                terms -> terms.waitToUse().count() > 0,
                terms -> terms.yearEnd()
                        .carriedUsable()
                        .filter(Usability.Until.class::isInstance)
                        .isPresent(),
                terms -> terms.yearEnd()
                        .carriedUsable()
                        .filter(Usability.For.class::isInstance)
                        .isPresent(),
                terms -> terms.yearEnd().excess() == Leftover.PAY_OUT,
                terms -> terms.creditsUsable().isPresent(),
                terms -> terms.onLeaving() == Leftover.LAPSE,
                terms -> terms.rounding().mode() == Rounding.Mode.DOWN,
                terms -> terms.earning().wholeStep().isPresent());
        assertThat(rules).allMatch(rule -> all.stream().anyMatch(rule));
        assertThat(policies.all()).extracting(PolicyDetail::benefitYear).contains("01-01", "hire-anniversary");
    }

    @Test
    void aCloseWasUndoneOnceAndClosedAgain() {
        PayRun undone = user.actAs(Somebody.ADMINISTRATOR, () -> runs.ofGroup(2)).stream()
                .filter(run -> run.closings() == 2)
                .findFirst()
                .orElseThrow();
        assertThat(user.actAs(Somebody.ADMINISTRATOR, () -> runs.worksheet(undone.id()))
                        .events())
                .extracting(RunEvent::what)
                .containsExactly(
                        RunEvent.What.CHECKED,
                        RunEvent.What.CLOSED,
                        RunEvent.What.UNDONE,
                        RunEvent.What.CHECKED,
                        RunEvent.What.CLOSED);
    }

    @Test
    void aLateCorrectionShowsInTheOpenRunWithTheDateItIsAbout() {
        List<WorksheetLine> corrections = hourlyRun(0).stream()
                .flatMap(row -> row.lines().stream())
                .filter(line -> line.sort() == NewPosting.Sort.CORRECTION)
                .toList();
        assertThat(corrections).singleElement().satisfies(line -> {
            assertThat(line.about()).isEqualTo("2027-04-11");
            assertThat(line.on()).isEqualTo("2027-04-12");
            assertThat(line.kind()).isEqualTo(LineKind.EARNED);
        });
    }

    @Test
    void theLookoutShowsEveryKindOfThing() {
        assertThat(user.actAs(Somebody.ADMINISTRATOR, lookout::look).rows())
                .extracting(LookoutItem::kind)
                .as("all but backups, which a demo does not make by itself")
                .containsAll(EnumSet.complementOf(EnumSet.of(LookoutItem.Kind.BACKUP)));
    }

    @Test
    void requestsStandInEveryStateTheyCanHave() {
        assertThat(user.actAs(
                                Somebody.ADMINISTRATOR,
                                () -> requests.queue(RequestQuery.in(EnumSet.allOf(RequestState.class), 200)))
                        .items())
                .extracting(request -> request.state())
                .contains(
                        RequestState.WAITING,
                        RequestState.APPROVED,
                        RequestState.PARTLY_APPROVED,
                        RequestState.DECLINED,
                        RequestState.WITHDRAWN);
    }

    private List<WorksheetRow> hourlyRun(int back) {
        return user.actAs(
                Somebody.ADMINISTRATOR,
                () -> runs.rows(runs.ofGroup(1).get(back).id(), WorksheetQuery.everything()));
    }
}
