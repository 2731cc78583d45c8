package upahead.server.payruns;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import org.junit.jupiter.api.Test;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;
import upahead.server.payruns.ProofReport.GroupProof;
import upahead.server.payruns.ProofReport.ProofDifference;
import upahead.server.periods.LateChange;

class ProofCommandTest {

    private static final LocalDate DAY = LocalDate.of(2027, 4, 11);
    private static final LateChange CHANGE = new LateChange(
            1, DAY.atStartOfDay(), "Ada", 7L, null, DAY, "Hours changed by Ada", LateChange.Subject.HOURS, 7);

    @Test
    void saysOfEachGroupHowMuchIsProved() {
        assertThat(printed(List.of()))
                .isEqualToNormalizingNewlines(
                        """
                        Hourly, closed through 2027-04-11: 6 of 6 balances proved, of 2 people
                        Monthly: no run is closed yet
                        What was posted is what is derived.
                        """);
    }

    @Test
    void namesADifferenceWithTheLateChangeBehindIt() {
        assertThat(printed(List.of(difference(List.of(CHANGE)))))
                .contains("differs: Nuala, Leave, from 2027-04-11 on: posted 8, derived 7.5. Hours changed by Ada. "
                        + "The next close corrects it.")
                .contains("What was posted is what is derived, late changes apart.");
    }

    @Test
    void saysLoudlyWhatNothingExplains() {
        assertThat(printed(List.of(difference(List.of()))))
                .contains("NOT EXPLAINED by any late change.")
                .contains("1 of the differences are not explained.");
    }

    private static ProofDifference difference(List<LateChange> causes) {
        return new ProofDifference(
                "Hourly", 7, "Nuala", 1, "Leave", Unit.HOURS, Amount.of(8), Amount.of("7.5"), DAY, causes);
    }

    private static String printed(List<ProofDifference> differences) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ProofCommand.print(
                new ProofReport(
                        LocalDateTime.of(2027, 4, 26, 9, 0),
                        List.of(),
                        List.of(new GroupProof("Hourly", DAY, 2, 6, 6), new GroupProof("Monthly", null, 1, 0, 0)),
                        differences),
                new PrintStream(out));
        return out.toString();
    }
}
