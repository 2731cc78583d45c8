package upahead.server.payruns;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static upahead.server.payruns.SmallCompany.MONDAY;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import upahead.core.payrun.NewPosting;
import upahead.core.quantity.Amount;
import upahead.server.cards.CardTyping;
import upahead.server.cards.CardTyping.TypedLine;
import upahead.server.employment.EmploymentChanges;
import upahead.server.employment.EmploymentHistory.ScheduleFrom;
import upahead.server.facts.hours.HoursImport;
import upahead.server.payruns.delivery.HandOverFiles;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.words.Words;

/** Runs of a company of one, gathered, closed and corrected. */
@WithSmallCompanies
class PayRunsTest {

    @Autowired
    private SmallCompany company;

    @BeforeEach
    void found() {
        company.found();
    }

    @Autowired
    private PayRuns runs;

    @Autowired
    private RunClosing closing;

    @Autowired
    private HandOverFiles handOver;

    @Autowired
    private HoursImport hours;

    @Autowired
    private CardTyping cards;

    @Autowired
    private MovableClock clock;

    @Autowired
    private EmploymentChanges employments;

    @Test
    void aRunWithoutHoursIsBlockedAndClosesNothing() {
        assertThatThrownBy(() -> company.close(company.newest()))
                .hasMessage("This run cannot be checked yet. Only One is scheduled in this period but has no hours.");
        assertThat(company.newest().state()).isEqualTo(RunState.GATHERING);
        assertThat(company.act(() -> runs.ofGroup(company.groupId()))).hasSize(1);
    }

    @Test
    void aPeriodThatIsNotOverCannotBeClosed() {
        company.work("regular,8");
        clock.moveTo(MONDAY.plusDays(6));
        assertThatThrownBy(() -> company.close(company.newest())).hasMessageContaining("runs until 7 March");
    }

    @Test
    void closingFreezesTheFiguresAndBeginsTheNextRun() {
        company.work("regular,40", "overtime,2.5");
        Worksheet closed = company.close(company.newest());
        assertThat(company.rows(closed.run())).singleElement().satisfies(row -> {
            assertThat(row.earned()).isEqualTo(Amount.of("4.25"));
            assertThat(row.closing()).isEqualTo(Amount.of("4.25"));
            assertThat(row.lines().get(0).why())
                    .isEqualTo("42.5 hours counted in 1 Mar to 7 Mar 2027, 1 for every 10: 4.25");
        });
        assertThat(company.newest().firstDay()).isEqualTo(MONDAY.plusWeeks(1));
        assertThat(handedOver(closed.run().id()))
                .containsExactly(
                        "Only One,OVT,overtime hours,2.5,hours,2027-03-01,2027-03-07,period",
                        "Only One,REG,regular hours,40,hours,2027-03-01,2027-03-07,period");
    }

    @Test
    void whatPayrollGotStaysAndTheNextFileCarriesTheDifference() {
        company.work("regular,40");
        long first = company.close(company.newest()).run().id();
        List<String> got = handedOver(first);
        type(MONDAY, "10h", "8h", "went home early");
        type(MONDAY.plusDays(1), "10h", "10h 3h training", "first aid");
        assertThat(handedOver(first)).isEqualTo(got);
        clock.moveTo(MONDAY.plusWeeks(2));
        company.takeSecondWeek();
        long second = company.close(company.newest()).run().id();
        assertThat(handedOver(first)).isEqualTo(got);
        assertThat(handedOver(second))
                .containsExactly(
                        "Only One,REG,regular hours,8,hours,2027-03-08,2027-03-14,period",
                        "Only One,REG,regular hours,-2,hours,2027-03-01,2027-03-07,difference",
                        "Only One,TRN,training hours,3,hours,2027-03-01,2027-03-07,difference");
        type(MONDAY, "8h", "9h", "came back");
        clock.moveTo(MONDAY.plusWeeks(3));
        type(MONDAY.plusWeeks(2), "", "1h", "");
        assertThat(handedOver(company.close(company.newest()).run().id()))
                .containsExactly(
                        "Only One,REG,regular hours,1,hours,2027-03-15,2027-03-21,period",
                        "Only One,REG,regular hours,1,hours,2027-03-01,2027-03-07,difference");
    }

    private void type(LocalDate on, String seen, String line, String reason) {
        company.act(() -> {
            cards.change(company.personId(), List.of(new TypedLine(on, seen, line)), reason);
            return null;
        });
    }

    private List<String> handedOver(long runId) {
        return PayrollFile.rows(company.act(() -> handOver.csv(runId, null, false)));
    }

    @Test
    void aSecondCloseIsRefusedAndDeductsNothing() {
        company.work("regular,40");
        PayRun run = company.newest();
        company.close(run);
        assertThatThrownBy(() -> company.close(run))
                .hasMessage(
                        "This run was closed by Ada Payroll on 8 March. It is closed once; nothing was changed now.");
        assertThat(company.act(() -> runs.ofGroup(company.groupId()))).hasSize(2);
    }

    @Test
    void ofTwoWhoCloseAtTheSameTimeOneSucceeds() throws Exception {
        company.work("regular,40");
        PayRun run = company.newest();
        ExecutorService both = Executors.newFixedThreadPool(2);
        Callable<Boolean> closing = () -> {
            try {
                company.close(run);
                return true;
            } catch (RuntimeException refused) {
                return false;
            }
        };
        List<Future<Boolean>> results = both.invokeAll(List.of(closing, closing));
        both.shutdown();
        assertThat(results.get(0).get()).isNotEqualTo(results.get(1).get());
        assertThat(company.act(() -> runs.ofGroup(company.groupId()))).hasSize(2);
        assertThat(company.rows(run).get(0).closing()).isEqualTo(Amount.of(4));
    }

    @Test
    void hoursCorrectedAfterTheCloseComeBackAsAnExplainedCorrection() {
        company.work("regular,40");
        company.close(company.newest());
        String noneOnMonday = "person,date,kind,hours\n" + company.code() + "," + MONDAY + ",regular,0\n";
        company.take(noneOnMonday.getBytes(StandardCharsets.UTF_8), Set.of());
        assertThat(company.rows(company.newest())).singleElement().satisfies(row -> {
            assertThat(row.opening()).isEqualTo(Amount.of(4));
            assertThat(row.closing()).isEqualTo(Amount.of(3));
            WorksheetLine correction = row.lines().get(0);
            assertThat(correction.sort()).isEqualTo(NewPosting.Sort.CORRECTION);
            assertThat(correction.about()).isEqualTo(MONDAY.plusDays(6));
            assertThat(correction.on()).isEqualTo(MONDAY.plusWeeks(1));
            assertThat(correction.why())
                    .startsWith(
                            "Hours from " + Words.day(MONDAY) + " on brought in from test.csv. Now: 30 hours counted");
        });
    }

    @Test
    void aFileWithAFaultIsTakenWholeOrNotAtAll() {
        byte[] file = company.file("regular,40", "night,1");
        assertThatThrownBy(() -> company.take(file, Set.of()))
                .hasMessage(
                        "Nothing was taken: line 6: the kind must be one of regular, overtime, training, rest day, not “night”.");
        assertThatThrownBy(() -> company.close(company.newest())).hasMessageContaining("has no hours");
        company.take(file, Set.of(6L));
        assertThat(company.rows(company.close(company.newest()).run()).get(0).earned())
                .isEqualTo(Amount.of(4));
    }

    @Test
    void aScheduledDayWithNothingOnItBlocksTheRunByItsDate() {
        company.act(() -> {
            List<Amount> week = List.of(
                    Amount.of(8), Amount.ZERO, Amount.of(8), Amount.ZERO, Amount.ZERO, Amount.of(8), Amount.of(8));
            employments.changeSchedule(company.personId(), new ScheduleFrom(MONDAY.plusDays(1), week, List.of()));
            return null;
        });
        company.work("regular,8");
        assertThatThrownBy(() -> company.close(company.newest()))
                .hasMessage("This run cannot be checked yet."
                        + " Only One has neither hours nor leave on 3 March, 6 March, 7 March.");
    }
}
