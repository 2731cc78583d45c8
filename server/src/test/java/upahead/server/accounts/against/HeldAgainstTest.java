package upahead.server.accounts.against;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.Charset;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import upahead.core.ledger.Explanation.Kind;
import upahead.core.quantity.Amount;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.accounts.BalanceDetail;
import upahead.server.accounts.Balances;
import upahead.server.accounts.against.AnotherRecord.RecordRow;
import upahead.server.facts.adjustments.AdjustmentRow;
import upahead.server.facts.adjustments.AdjustmentsTogether;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.files.FileColumns;

/** Policy 1 is hourly leave; Nuala is person 30, Kerensa 27; today is 26 April 2027. */
@WithDemo
class HeldAgainstTest {

    private static final LocalDate TODAY = LocalDate.of(2027, 4, 26);
    private static final long HOURLY = 1;
    private static final long NUALA = 30;
    private static final long KERENSA = 27;

    @Autowired
    private AnotherRecord records;

    @Autowired
    private HeldAgainst held;

    @Autowired
    private Balances balances;

    @Autowired
    private AdjustmentsTogether adjustments;

    @Autowired
    private CurrentUser user;

    private Amount nuala;
    private Amount kerensa;

    @BeforeEach
    void whatIsHeldHere() {
        nuala = detail(NUALA).figures().balance();
        kerensa = detail(KERENSA).figures().balance();
    }

    private BalanceDetail detail(long person) {
        return user.actAs(Somebody.ADMINISTRATOR, () -> balances.one(person, HOURLY, TODAY));
    }

    private List<RecordRow> read(byte[] record) {
        return user.actAs(Somebody.ADMINISTRATOR, () -> records.read(record, FileColumns.Reading.BY_ITSELF, HOURLY)
                .rows());
    }

    private Map<Long, HeldRow> against(String record) {
        return user.actAs(
                Somebody.ADMINISTRATOR,
                () ->
                        held
                                .of(
                                        records.read(record.getBytes(UTF_8), FileColumns.Reading.BY_ITSELF, HOURLY)
                                                .said(),
                                        TODAY)
                                .stream()
                                .collect(Collectors.toMap(HeldRow::personId, Function.identity())));
    }

    @Test
    void whatIsTheSameThereDoesNotDiffer() {
        HeldRow row = against("person,balance\nB130," + nuala).get(NUALA);
        assertThat(row.differs()).isFalse();
        assertThat(row.likely()).isEmpty();
    }

    @Test
    void leaveThatTheOtherRecordDoesNotHaveIsFound() {
        BalanceDetail.Line leave = detail(NUALA).lines().stream()
                .filter(line ->
                        line.from() == BalanceDetail.From.LEAVE && !line.on().isAfter(TODAY))
                .reduce((first, second) -> second)
                .orElseThrow();
        HeldRow row =
                against("person,balance\nB130," + nuala.minus(leave.amount())).get(NUALA);
        assertThat(row.difference()).isEqualTo(leave.amount().negated());
        assertThat(row.causes()).anySatisfy(cause -> {
            assertThat(cause.kind()).isEqualTo(Kind.LEAVE_IS_MISSING);
            assertThat(cause.on()).isEqualTo(leave.on());
            assertThat(cause.says()).startsWith("It does not have the leave from");
        });
    }

    @Test
    void aRecordWithFewerDecimalsIsRounded() {
        Amount rounded = new Amount(kerensa.value().setScale(1, java.math.RoundingMode.HALF_UP));
        assertThat(rounded).isNotEqualTo(kerensa);
        assertThat(against("person;balance\nKerensa Saltonstall;" + rounded)
                        .get(KERENSA)
                        .likely())
                .isEqualTo("It is rounded.");
    }

    @Test
    void whoeverIsNotInTheOtherRecordIsNamed() {
        Map<Long, HeldRow> rows = against("person,balance\nB130," + nuala);
        assertThat(rows.get(KERENSA).theirs()).isNull();
        assertThat(rows.get(KERENSA).likely()).isEqualTo("The other record does not have it.");
        assertThat(rows.get(KERENSA).ours()).isEqualTo(kerensa);
    }

    @Test
    void whoIsNotEnrolledHereIsSaidToBeSo() {
        HeldRow alaric = against("person,policy,balance\nAlaric Crowle,Hourly leave,4").values().stream()
                .filter(row -> row.person().equals("Alaric Crowle"))
                .findFirst()
                .orElseThrow();
        assertThat(alaric.likely()).isEqualTo("Not enrolled in this policy here.");
        assertThat(alaric.difference()).isEqualTo(Amount.of(4));
    }

    @Test
    void aDifferenceIsSettledByAnAdjustmentWithItsCause() {
        HeldRow row =
                against("person,balance\nB130," + nuala.plus(Amount.of("0.77"))).get(NUALA);
        user.actAs(
                Somebody.ADMINISTRATOR,
                () -> adjustments.make(
                        List.of(new AdjustmentRow(
                                NUALA, HOURLY, TODAY, row.difference(), "as the other record has it")),
                        "Held against the old sheet"));
        assertThat(against("person,balance\nB130," + nuala.plus(Amount.of("0.77")))
                        .get(NUALA)
                        .differs())
                .isFalse();
    }

    @Test
    void anUntidyRecordIsReadRowByRow() {
        List<RecordRow> rows = read(
                """
                Name;Saldo
                Nuala Vosper;12,5
                NUALA VOSPER;12,5
                Jemand Fremdes;3
                Kerensa Saltonstall;viele Stunden für später
                """
                        .getBytes(Charset.forName("windows-1252")));
        assertThat(rows.get(0).said().orElseThrow().balance()).isEqualTo(Amount.of("12.5"));
        assertThat(rows.get(1).fault()).isEqualTo("stands in line 2 already");
        assertThat(rows.get(2).fault()).contains("Jemand Fremdes");
        assertThat(rows.get(3).fault()).contains("“viele Stunden für später” is no number");
    }

    @Test
    void aDayTooFarAheadIsRefused() {
        assertThatThrownBy(() -> user.actAs(Somebody.ADMINISTRATOR, () -> held.of(List.of(), TODAY.plusYears(4))))
                .hasMessage("Looking ahead ends 3 years from today.");
    }
}
