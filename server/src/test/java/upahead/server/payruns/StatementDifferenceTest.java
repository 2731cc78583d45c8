package upahead.server.payruns;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;

/** What is said of figures that are no longer as they were checked. */
class StatementDifferenceTest {

    @Test
    void eachFigureThatDiffersIsToldWithWhatItWas() {
        assertThat(StatementDifference.words(statement("2", "0", "40"), statement("2", "7.5", "32.5")))
                .isEqualTo("Vacation used 7.5 hours, was 0 hours; regular hours 32.5 hours, was 40 hours");
    }

    @Test
    void whatIsGoneIsNothingNow() {
        Statement none = new Statement(1, "B1", "Only One", "Grounds", List.of(), List.of());
        assertThat(StatementDifference.words(statement("2", "0", "40"), none))
                .isEqualTo("Vacation earned 0 hours, was 2 hours; regular hours 0 hours, was 40 hours");
    }

    @Test
    void theSameFiguresOnOtherDaysAreToldAsThat() {
        assertThat(StatementDifference.words(statement("2", "7.5", "40"), statement("2", "7.5", "40")))
                .isEqualTo("the days behind the figures moved");
    }

    private static Statement statement(String earned, String used, String worked) {
        Amount none = Amount.ZERO;
        RunTotals totals = new RunTotals(none, Amount.of(earned), Amount.of(used), none, none, none, none, none, none);
        return new Statement(
                1,
                "B1",
                "Only One",
                "Grounds",
                List.of(new Statement.Balance(1, "Vacation", Unit.HOURS, false, totals, none, null, null)),
                List.of(new Statement.Worked("regular hours", "REG", Amount.of(worked), Unit.HOURS)));
    }
}
