package upahead.server.payruns;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Supplier;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import upahead.core.calendar.PayCalendar;
import upahead.core.payrun.NewPosting;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;
import upahead.server.Somebody;
import upahead.server.access.CurrentUser;
import upahead.server.clock.MovableClock;
import upahead.server.files.CsvFile;
import upahead.server.hours.HoursCorrection;
import upahead.server.hours.HoursImport;
import upahead.server.people.EmploymentChanges;
import upahead.server.people.EmploymentType;
import upahead.server.people.NewPerson;
import upahead.server.people.Organisation;
import upahead.server.people.People;
import upahead.server.policies.Coverage;
import upahead.server.policies.NewPolicy;
import upahead.server.policies.Policies;
import upahead.server.policies.PolicyDetail;
import upahead.server.policies.PolicyKind;
import upahead.server.policies.RequestRules;
import upahead.server.policies.TermsDocument;
import upahead.server.policies.TermsDocument.Earning;
import upahead.server.policies.TermsWriter;
import upahead.server.words.Words;

/** A company of one, paid by the week, who earns 1 hour for every 10 worked; each test has a company of its own. */
@SpringBootTest(properties = "spring.datasource.url=jdbc:h2:mem:pay-runs;DB_CLOSE_DELAY=-1")
class PayRunsTest {

    private static final Amount EIGHT = Amount.of(8);
    private static final LocalDate MONDAY = LocalDate.of(2027, 3, 1);
    private static final AtomicInteger COMPANIES = new AtomicInteger();

    @Autowired
    private PayRuns runs;

    @Autowired
    private Postings postings;

    @Autowired
    private HandOver handOver;

    @Autowired
    private HoursImport hours;

    @Autowired
    private HoursCorrection corrections;

    @Autowired
    private Organisation organisation;

    @Autowired
    private People people;

    @Autowired
    private Policies policies;

    @Autowired
    private CurrentUser user;

    @Autowired
    private MovableClock clock;

    @Autowired
    private EmploymentChanges employments;

    private String code;
    private long groupId;
    private long personId;

    @BeforeEach
    void foundCompany() {
        code = "P" + COMPANIES.incrementAndGet();
        clock.moveTo(MONDAY.plusWeeks(1));
        act(() -> {
            groupId = organisation.addPayGroup("Weekly " + code, new PayCalendar(PayCalendar.Every.WEEK, MONDAY));
            long site = organisation.addSite("Site " + code);
            long team = organisation.addTeam("Team " + code);
            Amount none = Amount.ZERO;
            List<Amount> week = List.of(EIGHT, none, none, none, none, none, none);
            personId = people.add(new NewPerson(
                    code,
                    "Only One",
                    null,
                    site,
                    team,
                    EmploymentType.HOURLY,
                    groupId,
                    null,
                    MONDAY,
                    null,
                    MONDAY,
                    week,
                    Amount.ONE));
            PolicyDetail policy = policies.write(new NewPolicy(
                    "Leave " + code,
                    PolicyKind.VACATION,
                    Unit.HOURS,
                    true,
                    "LV",
                    "01-01",
                    new RequestRules(false, false, 0, false),
                    oneForTen()));
            policies.putInForce(
                    policy.id(), policy.versions().get(0).id(), 0, MONDAY, Coverage.people(List.of(personId)), "test");
            runs.begin(groupId, MONDAY);
            return null;
        });
    }

    @Test
    void aRunWithoutHoursIsBlockedAndClosesNothing() {
        assertThatThrownBy(() -> close(newest()))
                .hasMessage("This run cannot be closed yet. Only One is scheduled in this period but has no hours.");
        assertThat(newest().state()).isEqualTo(RunState.GATHERING);
        assertThat(act(() -> runs.ofGroup(groupId))).hasSize(1);
    }

    @Test
    void aPeriodThatIsNotOverCannotBeClosed() {
        work("regular,8");
        clock.moveTo(MONDAY.plusDays(6));
        assertThatThrownBy(() -> close(newest())).hasMessageContaining("runs until 7 March");
    }

    @Test
    void closingFreezesTheFiguresAndBeginsTheNextRun() {
        work("regular,40", "overtime,2.5");
        Worksheet closed = close(newest());
        assertThat(closed.rows()).singleElement().satisfies(row -> {
            assertThat(row.earned()).isEqualTo(Amount.of("4.25"));
            assertThat(row.closing()).isEqualTo(Amount.of("4.25"));
            assertThat(row.lines().get(0).why())
                    .isEqualTo("42.5 hours counted in 1 Mar to 7 Mar 2027, 1 for every 10: 4.25");
        });
        assertThat(newest().firstDay()).isEqualTo(MONDAY.plusWeeks(1));
        assertThat(handedOver(closed.run().id()))
                .containsExactly(
                        "Only One,OVT,overtime hours,2.5,hours,2027-03-01,2027-03-07,period",
                        "Only One,REG,regular hours,40,hours,2027-03-01,2027-03-07,period");
    }

    @Test
    void whatPayrollGotStaysAndTheNextFileCarriesTheDifference() {
        work("regular,40");
        long first = close(newest()).run().id();
        List<String> got = handedOver(first);
        act(() -> corrections.change(personId, MONDAY, "regular", Amount.of(10), Amount.of(8), "went home early"));
        act(() -> corrections.change(personId, MONDAY.plusDays(1), "training", Amount.ZERO, Amount.of(3), "first aid"));
        assertThat(handedOver(first)).isEqualTo(got);
        clock.moveTo(MONDAY.plusWeeks(2));
        takeSecondWeek();
        long second = close(newest()).run().id();
        assertThat(handedOver(first)).isEqualTo(got);
        assertThat(handedOver(second))
                .containsExactly(
                        "Only One,REG,regular hours,8,hours,2027-03-08,2027-03-14,period",
                        "Only One,REG,regular hours,-2,hours,2027-03-01,2027-03-07,difference",
                        "Only One,TRN,training hours,3,hours,2027-03-01,2027-03-07,difference");
        act(() -> corrections.change(personId, MONDAY, "regular", Amount.of(8), Amount.of(9), "came back"));
        clock.moveTo(MONDAY.plusWeeks(3));
        act(() -> corrections.change(personId, MONDAY.plusWeeks(2), "regular", Amount.ZERO, Amount.ONE, null));
        assertThat(handedOver(close(newest()).run().id()))
                .containsExactly(
                        "Only One,REG,regular hours,1,hours,2027-03-15,2027-03-21,period",
                        "Only One,REG,regular hours,1,hours,2027-03-01,2027-03-07,difference");
    }

    @Test
    void anUndoneCloseTakesBackWhatPayrollGotAndItsFileStays() {
        work("regular,40");
        long id = close(newest()).run().id();
        List<String> got = handedOver(id);
        act(() -> runs.undo(id, "a day too early"));
        assertThatThrownBy(() -> handedOver(id)).hasMessage("Payroll gets its file when the run is closed.");
        assertThat(lines(act(() -> handOver.of(id, 1, true))))
                .containsExactly("Only One,REG,regular hours,-40,hours,2027-03-01,2027-03-07,taken back");
        act(() -> corrections.change(personId, MONDAY, "regular", Amount.of(10), Amount.of(9), null));
        act(() -> runs.close(id));
        assertThat(lines(act(() -> handOver.of(id, 1, false)))).isEqualTo(got);
        assertThat(handedOver(id)).containsExactly("Only One,REG,regular hours,39,hours,2027-03-01,2027-03-07,period");
    }

    private List<String> handedOver(long runId) {
        return lines(act(() -> handOver.of(runId, null, false)));
    }

    /** The rows of a file, without the person's code. */
    private static List<String> lines(CsvFile file) {
        return file.lines().stream()
                .skip(1)
                .map(line -> line.substring(line.indexOf(',') + 1))
                .toList();
    }

    @Test
    void aSecondCloseIsRefusedAndDeductsNothing() {
        work("regular,40");
        PayRun run = newest();
        close(run);
        assertThatThrownBy(() -> close(run))
                .hasMessage(
                        "This run was closed by Ada Payroll on 8 March. It is closed once; nothing was changed now.");
        assertThat(act(() -> runs.ofGroup(groupId))).hasSize(2);
    }

    @Test
    void ofTwoWhoCloseAtTheSameTimeOneSucceeds() throws Exception {
        work("regular,40");
        PayRun run = newest();
        ExecutorService both = Executors.newFixedThreadPool(2);
        Callable<Boolean> closing = () -> {
            try {
                close(run);
                return true;
            } catch (RuntimeException refused) {
                return false;
            }
        };
        List<Future<Boolean>> results = both.invokeAll(List.of(closing, closing));
        both.shutdown();
        assertThat(results.get(0).get()).isNotEqualTo(results.get(1).get());
        assertThat(act(() -> runs.ofGroup(groupId))).hasSize(2);
        assertThat(act(() -> runs.worksheet(run.id())).rows().get(0).closing()).isEqualTo(Amount.of(4));
    }

    @Test
    void hoursCorrectedAfterTheCloseComeBackAsAnExplainedCorrection() {
        work("regular,40");
        close(newest());
        String noneOnMonday = "person,date,kind,hours\n" + code + "," + MONDAY + ",regular,0\n";
        take(noneOnMonday.getBytes(StandardCharsets.UTF_8), Set.of());
        Worksheet next = act(() -> runs.worksheet(newest().id()));
        assertThat(next.rows()).singleElement().satisfies(row -> {
            assertThat(row.opening()).isEqualTo(Amount.of(4));
            assertThat(row.closing()).isEqualTo(Amount.of(3));
            WorksheetLine correction = row.lines().get(0);
            assertThat(correction.isCorrection()).isTrue();
            assertThat(correction.about()).isEqualTo(MONDAY.plusDays(6));
            assertThat(correction.on()).isEqualTo(MONDAY.plusWeeks(1));
            assertThat(correction.why())
                    .startsWith(
                            "Hours from " + Words.day(MONDAY) + " on brought in from test.csv. Now: 30 hours counted");
        });
    }

    @Test
    void anUndoneCloseIsReversedAndClosedAgainWithTheSameLines() {
        work("regular,40");
        Worksheet closed = close(newest());
        long id = closed.run().id();
        PayRun undone = act(() -> runs.undo(id, "a day too early"));
        assertThat(undone.state()).isEqualTo(RunState.UNDONE);
        Worksheet open = act(() -> runs.worksheet(id));
        assertThat(open.rows().get(0).opening()).isEqualTo(Amount.ZERO);
        assertThat(open.events().get(1).reason()).isEqualTo("a day too early");
        Worksheet again = act(() -> runs.worksheet(runs.close(id).id()));
        assertThat(again.rows()).isEqualTo(closed.rows());
        assertThat(act(() -> runs.ofGroup(groupId))).hasSize(2);
        assertThat(act(() -> postings.corrections(personId, closed.rows().get(0).policyId())))
                .allMatch(posting -> posting.line().sort() == NewPosting.Sort.REVERSAL)
                .hasSize(closed.rows().get(0).lines().size());
    }

    @Test
    void onlyTheNewestCloseCanBeUndoneAndOnlyWithAReason() {
        work("regular,40");
        long first = close(newest()).run().id();
        assertThatThrownBy(() -> act(() -> runs.undo(first, " "))).hasMessage("Please say why the close is undone.");
        assertThatThrownBy(() -> act(() -> runs.undo(newest().id(), "why not")))
                .hasMessageContaining("not closed; there is nothing to undo");
        clock.moveTo(MONDAY.plusWeeks(2));
        takeSecondWeek();
        close(newest());
        assertThatThrownBy(() -> act(() -> runs.undo(first, "too late"))).hasMessageContaining("Only the newest");
    }

    @Test
    void afterAnUndoneCloseTheNextRunWaits() {
        work("regular,40");
        long first = close(newest()).run().id();
        act(() -> runs.undo(first, "wrong hours"));
        assertThat(act(() -> runs.blockers(newest().id())))
                .extracting(Blocker::kind)
                .contains(Blocker.Kind.EARLIER_RUN_OPEN);
    }

    @Test
    void aFileWithAFaultIsTakenWholeOrNotAtAll() {
        byte[] file = file("regular,40", "night,1");
        assertThatThrownBy(() -> take(file, Set.of()))
                .hasMessage("Nothing was taken: line 6: the kind must be regular, overtime or training, not “night”.");
        assertThatThrownBy(() -> close(newest())).hasMessageContaining("has no hours");
        take(file, Set.of(6L));
        assertThat(close(newest()).rows().get(0).earned()).isEqualTo(Amount.of(4));
    }

    @Test
    void aScheduledDayWithNothingOnItBlocksTheRunByItsDate() {
        act(() -> {
            List<Amount> week = List.of(EIGHT, Amount.ZERO, EIGHT, Amount.ZERO, Amount.ZERO, EIGHT, EIGHT);
            employments.changeSchedule(personId, MONDAY.plusDays(1), week);
            return null;
        });
        work("regular,8");
        assertThatThrownBy(() -> close(newest()))
                .hasMessage("This run cannot be closed yet."
                        + " Only One has neither hours nor leave on 3 March, 6 March, 7 March.");
    }

    private void takeSecondWeek() {
        act(() -> hours.take(
                ("person,date,kind,hours\n" + code + "," + MONDAY.plusWeeks(1) + ",regular,8\n")
                        .getBytes(StandardCharsets.UTF_8),
                "second.csv",
                groupId,
                new PayCalendar(PayCalendar.Every.WEEK, MONDAY).periodOf(MONDAY.plusWeeks(1)),
                Set.of()));
    }

    private void work(String... kindsAndHours) {
        take(file(kindsAndHours), Set.of());
    }

    private byte[] file(String... kindsAndHours) {
        StringBuilder file = new StringBuilder("person,date,kind,hours\n");
        for (String each : kindsAndHours) {
            String[] parts = each.split(",");
            Amount left = Amount.of(parts[1]);
            for (LocalDate day = MONDAY; left.isPositive(); day = day.plusDays(1)) {
                Amount part = left.min(Amount.of(10));
                file.append(String.join(",", code, day.toString(), parts[0], part.toString()))
                        .append('\n');
                left = left.minus(part);
            }
        }
        return file.toString().getBytes(StandardCharsets.UTF_8);
    }

    private void take(byte[] file, Set<Long> skip) {
        act(() -> hours.take(
                file, "test.csv", groupId, new PayCalendar(PayCalendar.Every.WEEK, MONDAY).periodOf(MONDAY), skip));
    }

    private PayRun newest() {
        return act(() -> runs.ofGroup(groupId)).get(0);
    }

    private Worksheet close(PayRun run) {
        return act(() -> runs.worksheet(runs.close(run.id()).id()));
    }

    private <T> T act(Supplier<T> work) {
        return user.actAs(Somebody.ADMINISTRATOR, work);
    }

    private static TermsDocument oneForTen() {
        return TermsWriter.earning(Earning.perHours("1", "10")).write();
    }
}
