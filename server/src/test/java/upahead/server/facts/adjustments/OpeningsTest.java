package upahead.server.facts.adjustments;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.function.Supplier;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import upahead.core.quantity.Amount;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.accounts.Balances;
import upahead.server.facts.adjustments.OpeningCheck.State;
import upahead.server.facts.adjustments.OpeningFile.FileRow;
import upahead.server.facts.adjustments.OpeningLines.OpeningPage;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.files.FileColumns;
import upahead.server.platform.problems.Refusal;

/** Opening balances of many people at once. */
@WithDemo
class OpeningsTest {

    private static final LocalDate JANUARY = LocalDate.of(2027, 1, 1);
    private static final long SICK = 3;
    private static final long KERENSA = 27;

    @Autowired
    private Openings openings;

    @Autowired
    private OpeningLines lines;

    @Autowired
    private OpeningFile files;

    @Autowired
    private Balances balances;

    @Autowired
    private CurrentUser user;

    @Test
    void theGridShowsEverybodyWithWhatTheyHave() {
        List<OpeningLine> all = act(() -> lines.of(SICK));
        assertThat(all).hasSizeGreaterThan(50);
        assertThat(all)
                .filteredOn(line -> line.personId() == KERENSA)
                .singleElement()
                .satisfies(line -> assertThat(line.on()).isEqualTo(JANUARY));
    }

    @Test
    void aPageOfTheGridGoesOnWhereTheLastOneEnded() {
        List<OpeningLine> all = act(() -> lines.of(SICK));
        OpeningPage second = act(() -> lines.page(SICK, null, 1, 20));
        assertThat(second.total()).isEqualTo(all.size());
        assertThat(second.items()).isEqualTo(all.subList(20, 40));
        assertThat(act(() -> lines.page(SICK, "kerensa grounds", 0, 20)).items())
                .extracting(OpeningLine::personId)
                .containsExactly(KERENSA);
    }

    @Test
    void theLinesOfAFileAreThoseOfWhoeverIsInThePolicy() {
        assertThat(act(() -> lines.of(SICK, List.of(KERENSA, 999_999L))))
                .extracting(OpeningLine::personId)
                .containsExactly(KERENSA);
    }

    @Test
    void whatIsThereAlreadyIsTheSame() {
        OpeningLine line = line(SICK);
        OpeningCheck check = act(() -> openings.check(List.of(row(line.balance().toString(), "0", "0"))));
        assertThat(check.rows().get(0).state()).isEqualTo(State.SAME);
        assertThat(check.sums()).singleElement().satisfies(sum -> {
            assertThat(sum.policy()).isEqualTo("Sick time");
            assertThat(sum.balance()).isEqualTo(line.balance());
        });
    }

    @Test
    void aChangeNeedsAReasonAndReachesTheBalance() {
        Amount before = balance();
        Amount opening = line(SICK).balance();
        List<OpeningRow> rows = List.of(row(opening.plus(Amount.of(5)).toString(), "0", "0"));
        assertThat(act(() -> openings.check(rows)).rows().get(0).state()).isEqualTo(State.CHANGED);
        assertThatThrownBy(() -> act(() -> openings.set(rows, " ")))
                .isInstanceOfSatisfying(
                        Refusal.class, refusal -> assertThat(refusal.field()).isEqualTo("reason"));
        act(() -> openings.set(rows, "miscounted"));
        assertThat(balance().minus(before)).isEqualTo(Amount.of(5));
    }

    @Test
    void whatIsUnusualIsSaidAndCanBeAllTheSame() {
        OpeningCheck check = act(() -> openings.check(List.of(row("100", "0", "70"))));
        assertThat(check.rows().get(0).says())
                .contains("more than may be held, 81", "more used than a year allows, 63");
    }

    @Test
    void nothingIsSetWhileOneRowIsWrong() {
        OpeningRow stranger = new OpeningRow(KERENSA, 2, JANUARY, Amount.of(3), Amount.ZERO, Amount.ZERO, Amount.ZERO);
        OpeningCheck check = act(() -> openings.check(List.of(row("9", "0", "0"), stranger)));
        assertThat(check.rows().get(1).says()).containsExactly("Kerensa Saltonstall is not enrolled in Salaried leave");
        Amount before = balance();
        assertThatThrownBy(() -> act(() -> openings.set(List.of(row("9", "0", "0"), stranger), "why not")))
                .hasMessage("Nothing was taken: 1 row is wrong.");
        assertThat(balance()).isEqualTo(before);
    }

    @Test
    void theSamePersonAndPolicyTwiceIsWrong() {
        OpeningCheck check = act(() -> openings.check(List.of(row("9", "0", "0"), row("8", "0", "0"))));
        assertThat(check.rows().get(1).state()).isEqualTo(State.WRONG);
    }

    @Test
    void aFileNamesPolicyAndDayOrTakesThoseThatAreChosen() {
        List<FileRow> rows =
                read("Code;Policy;As of;Balance;Earned;Used\nB127;sick time;01/01/2027;12,5;3;1\nb128;;;4;;\n");
        assertThat(rows.get(0).row())
                .contains(new OpeningRow(
                        KERENSA, SICK, JANUARY, Amount.of("12.5"), Amount.of(3), Amount.of(1), Amount.ZERO));
        assertThat(rows.get(1).row()).get().extracting(OpeningRow::policyId).isEqualTo(1L);
    }

    @Test
    void somebodyStandsInAFileByNameAndOnlyOnceAPolicy() {
        List<FileRow> rows = read("Employee;Balance\nSaltonstall, Kerensa;4\nB127;5\n");
        assertThat(rows.get(0).row()).get().extracting(OpeningRow::personId).isEqualTo(KERENSA);
        assertThat(rows.get(1).fault()).isEqualTo("stands in line 2 already");
    }

    @ParameterizedTest
    @CsvSource(
            delimiterString = "=>",
            value = {
                "X9,,,4 => nobody here has the code, address or name “X9”",
                "B127,Moon leave,,4 => there is no policy “Moon leave”",
                "B127,,yesterday,4 => “yesterday” is no date; write it as 2027-04-26",
                "B127,,,some => balance: “some” is no number",
            })
    void aRowThatCannotBeReadSaysWhy(String row, String fault) {
        assertThat(read("code,policy,as of,balance\n" + row + "\n"))
                .singleElement()
                .satisfies(read -> {
                    assertThat(read.row()).isEmpty();
                    assertThat(read.fault()).isEqualTo(fault);
                });
    }

    @Test
    void aFileWithoutBalancesSaysWhatItNeeds() {
        var read = act(() -> files.read(
                "code,name\nB127,Kerensa\n".getBytes(StandardCharsets.UTF_8),
                FileColumns.Reading.BY_ITSELF,
                1L,
                JANUARY));
        assertThat(read.rows()).isEmpty();
        assertThat(read.columns().missing()).containsExactly("Balance");
    }

    private List<FileRow> read(String file) {
        return act(() -> files.read(file.getBytes(StandardCharsets.UTF_8), FileColumns.Reading.BY_ITSELF, 1L, JANUARY)
                .rows());
    }

    private OpeningLine line(long policyId) {
        return act(() -> lines.of(policyId)).stream()
                .filter(line -> line.personId() == KERENSA)
                .findFirst()
                .orElseThrow();
    }

    private static OpeningRow row(String balance, String earned, String used) {
        return new OpeningRow(
                KERENSA, SICK, JANUARY, Amount.of(balance), Amount.of(earned), Amount.of(used), Amount.ZERO);
    }

    private Amount balance() {
        return act(() -> balances.one(KERENSA, SICK, LocalDate.of(2027, 4, 26)))
                .figures()
                .balance();
    }

    private <T> T act(Supplier<T> work) {
        return user.actAs(Somebody.ADMINISTRATOR, work);
    }
}
