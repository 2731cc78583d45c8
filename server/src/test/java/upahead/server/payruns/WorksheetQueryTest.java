package upahead.server.payruns;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.tuple;

import java.util.List;
import org.junit.jupiter.api.Test;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;
import upahead.server.payruns.WorksheetQuery.Which;

/** Filters, order and sums of a worksheet. */
class WorksheetQueryTest {

    private static final WorksheetRow ASH = row(1, "Ash", "Grounds", "Leave", Unit.HOURS, "4", false, "At a limit");
    private static final WorksheetRow BAY = row(2, "Bay", "Café", "Leave", Unit.HOURS, "10.5", false);
    private static final WorksheetRow BAY_SICK = row(2, "Bay", "Café", "Sick", Unit.DAYS, "2", false);
    private static final WorksheetRow CEDAR = row(3, "Cedar", "Grounds", "Unpaid", Unit.HOURS, "0", true);
    private static final List<WorksheetRow> ALL = List.of(ASH, BAY, BAY_SICK, CEDAR);

    @Test
    void withoutAWishAllAreThereAsTheyCame() {
        assertThat(WorksheetQuery.everything().of(ALL)).isEqualTo(ALL);
    }

    @Test
    void wordsAreSoughtInPersonTeamAndPolicyWithoutRegardToCapitals() {
        assertThat(new WorksheetQuery(" caFÉ ", null, null, null, null).of(ALL)).containsExactly(BAY, BAY_SICK);
        assertThat(new WorksheetQuery("unpaid", null, null, null, null).of(ALL)).containsExactly(CEDAR);
    }

    @Test
    void teamPolicyAndWhatIsInARowGoTogether() {
        assertThat(new WorksheetQuery(null, "Café", "Sick", null, null).of(ALL)).containsExactly(BAY_SICK);
        assertThat(new WorksheetQuery(null, null, null, Which.UNUSUAL, null).of(ALL))
                .containsExactly(ASH);
        assertThat(new WorksheetQuery(null, null, null, Which.CORRECTED, null).of(ALL))
                .isEmpty();
        assertThat(new WorksheetQuery(null, "", "", Which.MOVED, "").of(ALL)).isEmpty();
    }

    @Test
    void amountsAreOrderedBySizeAndThenByName() {
        assertThat(new WorksheetQuery(null, null, null, null, "-closing").of(ALL))
                .containsExactly(BAY, ASH, BAY_SICK, CEDAR);
        assertThatThrownBy(() -> new WorksheetQuery(null, null, null, null, "colour").of(ALL))
                .hasMessage("There is no column colour.");
    }

    @Test
    void hoursAndDaysAreNeverAddedUpTogether() {
        assertThat(WorksheetGroup.of(ALL, WorksheetGroup.By.TEAM))
                .extracting(WorksheetGroup::name, WorksheetGroup::unit, WorksheetGroup::closing)
                .containsExactly(
                        tuple("Café", Unit.HOURS, Amount.of("10.5")),
                        tuple("Café", Unit.DAYS, Amount.of(2)),
                        tuple("Grounds", Unit.HOURS, Amount.of(4)));
        assertThat(WorksheetGroup.of(ALL, WorksheetGroup.By.POLICY).get(0).people())
                .isEqualTo(Amount.of(2));
    }

    private static WorksheetRow row(
            long id,
            String person,
            String team,
            String policy,
            Unit unit,
            String closing,
            boolean recorded,
            String... cautions) {
        Amount none = Amount.ZERO;
        return new WorksheetRow(
                id,
                "B" + id,
                person,
                team,
                id,
                policy,
                unit,
                recorded,
                none,
                none,
                none,
                none,
                none,
                none,
                none,
                Amount.of(closing),
                none,
                List.of(cautions),
                List.of(),
                "",
                List.of());
    }
}
