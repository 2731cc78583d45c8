package upahead.server.accounts.adjusting;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.Charset;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import upahead.core.quantity.Amount;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.accounts.BalanceRow;
import upahead.server.accounts.Balances;
import upahead.server.employment.People;
import upahead.server.employment.Person;
import upahead.server.facts.adjustments.AdjustmentFile;
import upahead.server.facts.adjustments.AdjustmentFile.FileRow;
import upahead.server.facts.adjustments.AdjustmentRow;
import upahead.server.facts.adjustments.AdjustmentsTogether;
import upahead.server.facts.adjustments.Together;
import upahead.server.payruns.Proof;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.files.FileColumns;

/** Policy 1 is hourly leave, 2 salaried leave; Nuala, person 30, is near its limit of 74; today is 26 April 2027. */
@WithDemo
class AdjustingManyTest {

    private static final LocalDate TODAY = LocalDate.of(2027, 4, 26);
    private static final long HOURLY = 1;
    private static final long NUALA = 30;
    private static final long KERENSA = 27;

    @Autowired
    private AdjustmentEffects effects;

    @Autowired
    private AdjustmentsTogether together;

    @Autowired
    private AwardsToMany awards;

    @Autowired
    private AdjustmentFile files;

    @Autowired
    private Balances balances;

    @Autowired
    private People people;

    @Autowired
    private Proof proof;

    @Autowired
    private CurrentUser user;

    private <T> T asAdministrator(Supplier<T> what) {
        return user.actAs(Somebody.ADMINISTRATOR, what);
    }

    private static AdjustmentRow row(long person, long policy, LocalDate on, String amount) {
        return new AdjustmentRow(person, policy, on, Amount.of(amount), "thanks for the spring sale");
    }

    private Amount balance(long person) {
        return asAdministrator(() -> balances.of(person, TODAY)).stream()
                .filter(row -> row.policyId() == HOURLY)
                .map(BalanceRow::balance)
                .findFirst()
                .orElseThrow();
    }

    private AwardToMany award(String amount, boolean byFte) {
        return new AwardToMany(
                HOURLY, TODAY, Amount.of(amount), byFte, null, null, null, null, "thanks for the spring sale");
    }

    @Test
    void whatIsShownBeforeIsWhatComesToBe() {
        List<AdjustmentEffect> shown = asAdministrator(() -> effects.of(awards.rows(award("2.5", false))));
        assertThat(shown).hasSizeGreaterThan(20).allSatisfy(effect -> {
            assertThat(effect.wrong()).isFalse();
            assertThat(effect.after()).isEqualTo(effect.before().plus(Amount.of("2.5")));
        });
        asAdministrator(
                () -> together.make(shown.stream().map(AdjustmentEffect::row).toList(), "an award"));
        assertThat(shown).allSatisfy(effect -> assertThat(balance(effect.row().personId()))
                .isEqualTo(effect.after()));
    }

    @Test
    void aLimitThatWithholdsMoreLaterIsSeenAtTheYearsEnd() {
        AdjustmentEffect effect = asAdministrator(() -> effects.of(List.of(row(NUALA, HOURLY, TODAY, "10"))))
                .get(0);
        assertThat(effect.says()).anyMatch(say -> say.startsWith("above the balance limit of 74"));
        assertThat(effect.endAfter().minus(effect.endBefore())).isLessThan(Amount.of(10));
        assertThat(effect.says()).anyMatch(say -> say.startsWith("moves the year’s end by"));
    }

    @Test
    void severalOfOneBalanceAreLookedAtTogether() {
        List<AdjustmentEffect> both = asAdministrator(() ->
                effects.of(List.of(row(KERENSA, HOURLY, TODAY, "1"), row(KERENSA, HOURLY, TODAY.minusDays(1), "2"))));
        assertThat(both.get(0).after()).isEqualTo(both.get(0).before().plus(Amount.of(3)));
        assertThat(both.get(1).after()).isEqualTo(both.get(1).before().plus(Amount.of(2)));
    }

    @Test
    void anAwardByFullTimeEquivalentIsScaled() {
        List<AdjustmentRow> rows = asAdministrator(() -> awards.rows(award("10", true)));
        assertThat(rows).anySatisfy(each -> {
            Person person = people.get(each.personId());
            Amount fte =
                    people.employments(List.of(person.id())).get(person.id()).fteOn(TODAY);
            assertThat(fte).isLessThan(Amount.of(1));
            assertThat(each.amount()).isEqualTo(Amount.of(10).times(fte));
        });
    }

    @Test
    void allOfItIsTakenBackInOneGoAndOnlyOnce() {
        Amount before = balance(KERENSA);
        Together made = asAdministrator(() -> together.make(awards.rows(award("-1.5", false)), "a correction"));
        assertThat(balance(KERENSA)).isEqualTo(before.minus(Amount.of("1.5")));
        asAdministrator(() -> together.undo(made.id(), "the wrong team"));
        assertThat(balance(KERENSA)).isEqualTo(before);
        assertThat(asAdministrator(together::all)).first().satisfies(undone -> {
            assertThat(undone.balances()).isEqualTo(made.balances());
            assertThat(undone.undoneBecause()).isEqualTo("the wrong team");
        });
        assertThatThrownBy(() -> asAdministrator(() -> together.undo(made.id(), "again")))
                .hasMessage("They have been taken back already.");
    }

    @Test
    void inAClosedPeriodItIsSaidToComeAsACorrectionAndTheProofKnowsIt() {
        LocalDate closed = TODAY.minusMonths(1);
        assertThat(asAdministrator(() -> effects.of(List.of(row(KERENSA, HOURLY, closed, "1"))))
                        .get(0)
                        .says())
                .contains("in a closed period: comes as a correction in the next run");
        Together made =
                asAdministrator(() -> together.make(List.of(row(KERENSA, HOURLY, closed, "1")), "one hour more"));
        assertThat(asAdministrator(proof::prove)).satisfies(report -> {
            assertThat(report.unexplained()).isZero();
            assertThat(report.differences()).anyMatch(each -> each.personId() == KERENSA);
        });
        asAdministrator(() -> together.undo(made.id(), "not so"));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "30|2|1|Nuala Vosper is not enrolled in Salaried leave.",
                "30|1|0|An adjustment of 0 changes nothing.",
                "9999|1|1|There is no such person.",
                "30|99|1|There is no such policy.",
            })
    void oneThatCannotBeMadeIsNamedAndNothingIsDone(long person, long policy, String amount, String fault) {
        List<AdjustmentRow> rows = List.of(row(KERENSA, HOURLY, TODAY, "1"), row(person, policy, TODAY, amount));
        assertThat(asAdministrator(() -> effects.of(rows)).get(1))
                .satisfies(effect -> assertThat(effect.says()).containsExactly(fault))
                .satisfies(effect -> assertThat(effect.wrong()).isTrue());
        Amount before = balance(KERENSA);
        assertThatThrownBy(() -> asAdministrator(() -> together.make(rows, "a list")))
                .hasMessage("Row 2: " + fault);
        assertThat(balance(KERENSA)).isEqualTo(before);
    }

    @Test
    void aListAsUntidyAsRealOnesIsReadRowByRow() {
        String list =
                """
                Mitarbeiter;Art;Datum;Korrektur;Grund
                Kerensa Saltonstall;Hourly leave;3.4.2027;-1,25;doppelt gezählt
                B130;hourly leave;;7:30;
                B130;Hourly leaf;;1;
                Nobody Atall;Hourly leave;31.2.2027;viel;
                """;
        List<FileRow> rows = new ArrayList<>(asAdministrator(() -> files.read(
                        list.getBytes(Charset.forName("windows-1252")),
                        FileColumns.Reading.BY_ITSELF,
                        null,
                        TODAY,
                        "as agreed"))
                .rows());
        assertThat(rows.get(0).row())
                .contains(new AdjustmentRow(
                        KERENSA, HOURLY, LocalDate.of(2027, 4, 3), Amount.of("-1.25"), "doppelt gezählt"));
        assertThat(rows.get(1).row()).contains(new AdjustmentRow(NUALA, HOURLY, TODAY, Amount.of("7.5"), "as agreed"));
        assertThat(rows.get(2).fault()).isEqualTo("there is no policy “Hourly leaf”");
        assertThat(rows.get(3).fault()).contains("Nobody Atall", "“31.2.2027” is no date", "“viel” is no number");
        assertThatThrownBy(() -> asAdministrator(() ->
                        files.read("only one line".getBytes(UTF_8), FileColumns.Reading.BY_ITSELF, null, TODAY, "")))
                .hasMessageContaining("There are no rows under the headings.");
    }
}
