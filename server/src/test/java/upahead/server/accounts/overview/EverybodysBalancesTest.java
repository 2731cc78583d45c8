package upahead.server.accounts.overview;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import upahead.core.facts.Adjustment;
import upahead.core.quantity.Amount;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.accounts.BalanceRow;
import upahead.server.accounts.Balances;
import upahead.server.accounts.overview.BalanceTables.Rows;
import upahead.server.employment.People;
import upahead.server.facts.adjustments.Adjustments;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.access.SignedIn;
import upahead.server.platform.files.XlsxFile;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.tables.ColumnKind;
import upahead.server.platform.tables.ColumnView;
import upahead.server.platform.tables.Condition;

/** Policy 1 is hourly leave, 2 salaried leave; today is 26 April 2027. */
@WithDemo
class EverybodysBalancesTest {

    private static final LocalDate TODAY = LocalDate.of(2027, 4, 26);
    private static final BalanceQuery ALL = query("", null, "");
    private static final int NUALA = 30;

    @Autowired
    private EverybodysBalances balances;

    @Autowired
    private BalanceTables tables;

    @Autowired
    private Balances ofOne;

    @Autowired
    private Adjustments adjustments;

    @Autowired
    private People people;

    @Autowired
    private CurrentUser user;

    private static BalanceQuery query(String search, Long policyId, String order, String... conditions) {
        return new BalanceQuery(
                TODAY, search, null, null, null, policyId, false, Condition.read(List.of(conditions)), order);
    }

    private <T> T asked(Function<BalanceQuery, T> what, BalanceQuery query) {
        return user.actAs(Somebody.ADMINISTRATOR, () -> what.apply(query));
    }

    @Test
    void aPageInOrderOfNamesIsTheSameWhetherAllIsKnownOrNot() {
        List<BalanceRow> alone = asked(query -> balances.slice(query, 40, 30).rows(), ALL);
        List<BalanceRow> all = asked(balances::all, ALL);
        assertThat(all.subList(40, 70)).isEqualTo(alone);
        Slice<BalanceRow> known = asked(query -> balances.slice(query, 40, 30), ALL);
        assertThat(known).isEqualTo(new Slice<>(alone, all.size()));
        assertThat(all).isSortedAccordingTo(Held.ROWS_BY_PERSON);
    }

    @Test
    void everyBalanceIsWhatItIsMadeOf() {
        assertThat(asked(balances::all, ALL)).hasSizeGreaterThan(100).allSatisfy(row -> {
            assertThat(row.carried()
                            .plus(row.earned())
                            .minus(row.used())
                            .plus(row.adjusted())
                            .minus(row.lapsed())
                            .minus(row.paidOut()))
                    .isEqualTo(row.balance());
            assertThat(row.remaining()).isEqualTo(row.balance().minus(row.booked()));
        });
        assertThat(asked(balances::all, ALL)).anyMatch(row -> row.waiting().isPositive());
    }

    @Test
    void theFiguresOfATableAreThoseOfOnePerson() {
        assertThat(asked(balances::all, query("Nuala", null, "")))
                .isEqualTo(user.actAs(Somebody.ADMINISTRATOR, () -> ofOne.of(NUALA, TODAY)));
    }

    @Test
    void anyColumnPutsThemInOrder() {
        int all = asked(balances::all, ALL).size();
        for (ColumnView column : BalanceRow.COLUMNS.shown()) {
            Comparator<BalanceRow> by = BalanceRow.COLUMNS.by(column.key());
            assertThat(inOrder(column.key())).hasSize(all).isSortedAccordingTo(by);
            assertThat(inOrder("-" + column.key())).hasSize(all).isSortedAccordingTo(by.reversed());
        }
    }

    private List<BalanceRow> inOrder(String order) {
        return asked(query -> balances.slice(query, 0, 500).rows(), query("", null, order));
    }

    @Test
    void figuresChooseWhomToSee() {
        assertThat(asked(balances::all, query("", 1L, "", "balance between 40 60", "used at-least 1")))
                .isNotEmpty()
                .allMatch(row -> row.policyId() == 1
                        && row.balance().value().intValue() >= 40
                        && !row.balance().isMoreThan(Amount.of(60))
                        && row.used().isPositive());
    }

    @ParameterizedTest
    @ValueSource(strings = {"balance at-least", "balance more-than 3", "person at-least 3", "salary at-least 3"})
    void aConditionThatCannotBeIsRefused(String condition) {
        assertThatThrownBy(() -> asked(balances::all, query("", null, "", condition)))
                .isInstanceOf(Refusal.class);
    }

    @Test
    void whoIsNotEmployedIsShownWhereThatIsWanted() {
        BalanceQuery withOthers = new BalanceQuery(TODAY, "", null, null, null, null, true, List.of(), "");
        assertThat(asked(balances::held, withOthers))
                .anyMatch(held -> !held.who().isEmployedWithin(TODAY, TODAY));
        assertThat(asked(balances::held, ALL)).allMatch(held -> held.who().isEmployedWithin(TODAY, TODAY));
    }

    @Test
    void anApproverSeesTheBalancesOfThePeopleAssigned() {
        List<BalanceRow> seen = user.actAs(Somebody.approver(4), () -> balances.all(ALL));
        assertThat(seen).isNotEmpty().allMatch(row -> people.get(row.personId()).approverId() == 4L);
        SignedIn employee = Somebody.employee(27);
        assertThatThrownBy(() -> user.actAs(employee, () -> balances.all(ALL))).isInstanceOf(RuntimeException.class);
    }

    @Test
    void whatIsChangedIsSeenAtOnce() {
        Amount before = nuala().balance();
        user.actAs(
                Somebody.ADMINISTRATOR,
                () -> adjustments.adjust(NUALA, 1, new Adjustment(TODAY, Amount.of("-1.25"), "counted twice")));
        assertThat(nuala().balance()).isEqualTo(before.minus(Amount.of("1.25")));
        assertThat(nuala().adjusted()).isEqualTo(Amount.of("-1.25"));
    }

    private BalanceRow nuala() {
        return asked(balances::all, query("nuala vosp", 1L, "-balance")).get(0);
    }

    @ParameterizedTest
    @ValueSource(strings = {"TEAM", "SITE", "POLICY"})
    void sumsAddUpToEverybody(String by) {
        BalanceTableView sums = table(Rows.valueOf(by), List.of("balance", "used"), "-balance");
        Amount balances = Amount.sum(
                asked(this.balances::all, ALL).stream().map(BalanceRow::balance).toList());
        assertThat(Amount.sum(sums.rows().stream()
                        .map(row -> (Amount) row.get("balance"))
                        .toList()))
                .isEqualTo(balances)
                .isEqualTo(Amount.sum(sums.sums().stream()
                        .map(sum -> sum.figures().get("balance"))
                        .toList()));
        assertThat(sums.columns()).extracting("key").endsWith("people", "balance", "used");
        assertThat(sums.rows())
                .isSortedAccordingTo(
                        Comparator.<Map<String, Object>, Amount>comparing(row -> (Amount) row.get("balance"))
                                .reversed());
    }

    @Test
    void policiesStandSideBySideInTheRowOfAPerson() {
        BalanceTableView table = table(Rows.PERSON, List.of("balance", "remaining"), "-balance1");
        assertThat(table.columns())
                .extracting("title")
                .contains("Person", "Hourly leave, Balance", "Hourly leave, Remaining");
        assertThat(table.rows()).extracting(row -> row.get("personId")).doesNotHaveDuplicates();
        assertThat(table.rows().get(0).get("balance1")).isNotNull();
        assertThat(table(Rows.PERSON, List.of(), "").rows()).hasSize(table.total());
        assertThat(table.columns().stream().filter(each -> each.kind() == ColumnKind.RESULT))
                .isNotEmpty();
    }

    @Test
    void columnsStandInTheOrderThatIsWanted() {
        List<String> wanted = List.of("lapsesOn", "balance", "person");
        assertThat(table(Rows.BALANCE, wanted, "").columns()).extracting("key").containsExactlyElementsOf(wanted);
        assertThatThrownBy(() -> table(Rows.BALANCE, List.of("salary"), "")).hasMessage("There is no column salary.");
        XlsxFile file = asked(query -> tables.xlsx("balances", query, Rows.BALANCE, wanted), ALL);
        assertThat(file.content()).isNotEmpty();
        assertThat(asked(query -> tables.csv("balances", query, Rows.BALANCE, wanted), ALL)
                        .lines()
                        .get(0))
                .isEqualTo("code,lapses on,balance,person");
    }

    private BalanceTableView table(Rows rows, List<String> columns, String order) {
        return asked(query -> tables.view(query, rows, columns, 0, 500, true), query("", null, order));
    }
}
