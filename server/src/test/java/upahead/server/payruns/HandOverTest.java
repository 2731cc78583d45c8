package upahead.server.payruns;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.function.Supplier;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.security.access.AccessDeniedException;
import upahead.core.ledger.LineKind;
import upahead.core.quantity.Amount;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.payruns.delivery.HandOverFiles;
import upahead.server.platform.access.CurrentUser;

/** What payroll gets of the demo's closed runs. Faolan, B148, left on 19 March 2027. */
@WithDemo
class HandOverTest {

    @Autowired
    private HandOverFiles handOver;

    @Autowired
    private PayRuns runs;

    @Autowired
    private CurrentUser user;

    @Test
    void aLeaverIsPaidWhatWasLeft() {
        Worksheet march = runThatEnds("2027-03-28");
        Amount paidOut = rows(march).stream()
                .filter(row -> row.person().equals("Faolan Orchardleigh")
                        && row.policy().equals("Hourly leave"))
                .flatMap(row -> row.lines().stream())
                .filter(line -> line.kind() == LineKind.PAID_OUT)
                .findFirst()
                .orElseThrow()
                .amount()
                .negated();
        assertThat(lines(march))
                .contains("B148,Faolan Orchardleigh,VAC-H,Hourly leave paid out," + paidOut
                        + ",hours,2027-03-15,2027-03-28,period");
    }

    @Test
    void everyLineHasACodeAndAnAmountOtherThanZero() {
        for (PayRun run : act(() -> runs.ofGroup(1))) {
            if (run.state() == RunState.CLOSED) {
                assertThat(lines(act(() -> runs.worksheet(run.id()))))
                        .first()
                        .isEqualTo("person,name,code,what,amount,unit,from,to,entry");
                assertThat(lines(act(() -> runs.worksheet(run.id()))).subList(1, 5))
                        .allMatch(line -> line.matches(
                                "B\\d{3},[^,]+,[A-Z-]+,[^,]+,[1-9][0-9.]*,(hours|days),[-0-9]+,[-0-9]+,period"));
            }
        }
    }

    @Test
    void leaveAgreesWithTheWorksheet() {
        Worksheet february = runThatEnds("2027-02-28");
        WorksheetRow kerensa = rows(february).stream()
                .filter(row -> row.person().equals("Kerensa Saltonstall")
                        && row.policy().equals("Hourly leave"))
                .findFirst()
                .orElseThrow();
        assertThat(kerensa.used()).isEqualTo(Amount.of(24));
        assertThat(kerensa.opening()
                        .plus(kerensa.earned())
                        .minus(kerensa.used())
                        .plus(kerensa.adjusted())
                        .minus(kerensa.lapsed())
                        .minus(kerensa.paidOut())
                        .plus(kerensa.corrections()))
                .isEqualTo(kerensa.closing());
        assertThat(lines(february))
                .contains("B127,Kerensa Saltonstall,VAC-H,Hourly leave taken,24,hours,2027-02-15,2027-02-28,period");
    }

    @Test
    void thereIsNothingBeforeTheClose() {
        long open = act(() -> runs.ofGroup(1)).get(0).id();
        assertThatThrownBy(() -> act(() -> handOver.csv(open, null, false)))
                .hasMessage("Payroll gets its file when the run is closed.");
    }

    @Test
    void onlyAnAdministratorGetsIt() {
        assertThatThrownBy(() -> user.actAs(Somebody.approver(4), () -> handOver.csv(1, null, false)))
                .isInstanceOf(AccessDeniedException.class);
    }

    private Worksheet runThatEnds(String day) {
        return act(() -> runs.ofGroup(1)).stream()
                .filter(run -> run.lastDay().toString().equals(day))
                .map(run -> act(() -> runs.worksheet(run.id())))
                .findFirst()
                .orElseThrow();
    }

    private List<WorksheetRow> rows(Worksheet worksheet) {
        return act(() -> runs.rows(worksheet.run().id(), WorksheetQuery.everything()));
    }

    private List<String> lines(Worksheet worksheet) {
        return PayrollFile.lines(act(() -> handOver.csv(worksheet.run().id(), null, false)));
    }

    private <T> T act(Supplier<T> work) {
        return user.actAs(Somebody.ADMINISTRATOR, work);
    }
}
