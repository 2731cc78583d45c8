package upahead.server.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import upahead.core.ledger.LineKind;
import upahead.core.payrun.NewPosting;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.access.CurrentUser;
import upahead.server.clock.MovableClock;
import upahead.server.lookout.Lookout;
import upahead.server.lookout.LookoutItem;
import upahead.server.payruns.PayRun;
import upahead.server.payruns.PayRuns;
import upahead.server.payruns.RunState;
import upahead.server.payruns.Worksheet;
import upahead.server.payruns.WorksheetLine;
import upahead.server.payruns.WorksheetRow;
import upahead.server.people.Organisation;
import upahead.server.people.PayGroup;
import upahead.server.requests.RequestState;
import upahead.server.requests.Requests;

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
        Map<String, WorksheetRow> rows = hourlyRun(1).rows().stream()
                .collect(Collectors.toMap(row -> row.personId() + "/" + row.policyId(), row -> row));
        assertThat(hourlyRun(0).rows()).isNotEmpty().allSatisfy(row -> assertThat(row.opening())
                .isEqualTo(rows.get(row.personId() + "/" + row.policyId()).closing()));
    }

    @Test
    void aLateCorrectionShowsInTheOpenRunWithTheDateItIsAbout() {
        List<WorksheetLine> corrections = hourlyRun(0).rows().stream()
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
        assertThat(user.actAs(Somebody.ADMINISTRATOR, lookout::items))
                .extracting(LookoutItem::kind)
                .contains(LookoutItem.Kind.values());
    }

    @Test
    void requestsStandInEveryStateTheyCanHave() {
        assertThat(user.actAs(Somebody.ADMINISTRATOR, () -> requests.queue(Set.of(), 0, 200))
                        .items())
                .extracting(request -> request.state())
                .contains(
                        RequestState.WAITING,
                        RequestState.APPROVED,
                        RequestState.PARTLY_APPROVED,
                        RequestState.DECLINED,
                        RequestState.WITHDRAWN);
    }

    private Worksheet hourlyRun(int back) {
        return user.actAs(
                Somebody.ADMINISTRATOR,
                () -> runs.worksheet(runs.ofGroup(1).get(back).id()));
    }
}
