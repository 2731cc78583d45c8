package upahead.server.reports;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.tuple;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.accounts.BalanceRow;
import upahead.server.accounts.Balances;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.tables.Columns;
import upahead.server.reports.ReportView.ReportSum;

@WithDemo
class ReportsTest {

    private static final LocalDate TODAY = LocalDate.of(2027, 4, 26);
    private static final LocalDate NEW_YEAR = LocalDate.of(2027, 1, 1);
    private static final long GROUNDS = 3;
    private static final long KERENSA = 27;

    @Autowired
    private Reports reports;

    @Autowired
    private Balances balances;

    @Autowired
    private AbsencePictures pictures;

    @Autowired
    private CurrentUser user;

    @Test
    void eachIsOfferedWithTheDaysAboutWhichItIsUsuallyAsked() {
        assertThat(user.actAs(Somebody.ADMINISTRATOR, reports::offered))
                .extracting(Reports.Offered::name, Reports.Offered::from)
                .contains(tuple("absences", NEW_YEAR), tuple("lapses", TODAY), tuple("balances", TODAY))
                .hasSizeGreaterThanOrEqualTo(7);
    }

    @Test
    void lapsesAheadNameTheLastUsableDay() {
        List<Lapses.Row> rows = rows("lapses", TODAY, LocalDate.of(2027, 5, 31), null);
        assertThat(rows).isNotEmpty().allSatisfy(row -> {
            assertThat(row.amount().isPositive()).isTrue();
            assertThat(row.lastUsable()).isBetween(TODAY, LocalDate.of(2027, 5, 30));
        });
        assertThat(rows).anySatisfy(row -> {
            assertThat(row.policy()).isEqualTo("Salaried leave");
            assertThat(row.lastUsable()).isEqualTo(LocalDate.of(2027, 4, 30));
        });
    }

    @Test
    void nothingLapsesInDaysGoneBy() {
        assertThat(this.<Lapses.Row>rows("lapses", NEW_YEAR, TODAY, null)).isEmpty();
    }

    @Test
    void absencesAddUpByPersonKindAndMonth() {
        List<Absences.Row> rows = rows("absences", NEW_YEAR, LocalDate.of(2027, 12, 31), null);
        assertThat(rows).isNotEmpty().allSatisfy(row -> {
            assertThat(row.month()).startsWith("2027-");
            assertThat(row.days().isPositive()).isTrue();
            assertThat(row.amount().isPositive()).isTrue();
        });
        assertThat(rows)
                .extracting(row -> row.person() + row.policy() + row.month())
                .doesNotHaveDuplicates();
        Amount inTeams = Amount.sum(rows.stream()
                .filter(row -> row.team().equals("Grounds"))
                .map(Absences.Row::hours)
                .toList());
        List<Absences.Row> ofTheTeam = rows("absences", NEW_YEAR, LocalDate.of(2027, 12, 31), GROUNDS);
        assertThat(Amount.sum(ofTheTeam.stream().map(Absences.Row::hours).toList()))
                .isEqualTo(inTeams);
    }

    @Test
    void theYearsPictureCountsTheDaysOfTheTable() {
        LocalDate last = LocalDate.of(2027, 12, 31);
        AbsencePicture picture = user.actAs(
                Somebody.ADMINISTRATOR,
                () -> pictures.draw(new ReportQuestion(Reports.days(NEW_YEAR, last), GROUNDS, null, "")));
        assertThat(picture.months()).hasSize(12);
        List<Absences.Row> rows = rows("absences", NEW_YEAR, last, GROUNDS);
        assertThat(picture.people()).isNotEmpty().allSatisfy(person -> {
            assertThat(Amount.sum(person.days())).isEqualTo(person.together());
            assertThat(person.together())
                    .isLessThanOrEqualTo(Amount.sum(rows.stream()
                            .filter(row -> row.person().equals(person.person()))
                            .map(Absences.Row::days)
                            .toList()));
        });
    }

    @Test
    void theBalancesOfTheReportAreThoseOfThePages() {
        List<BalanceRow> rows = rows("balances", TODAY, TODAY, null);
        assertThat(rows.stream().filter(row -> row.personId() == KERENSA))
                .containsExactlyElementsOf(user.actAs(Somebody.ADMINISTRATOR, () -> balances.of(KERENSA, TODAY)));
    }

    @Test
    void theLedgerRunsFromBalanceToBalance() {
        List<LedgerLines.Row> rows = rows("ledger", NEW_YEAR, TODAY.plusMonths(2), GROUNDS);
        assertThat(rows).isNotEmpty();
        for (int at = 1; at < rows.size(); at++) {
            LedgerLines.Row before = rows.get(at - 1);
            LedgerLines.Row line = rows.get(at);
            if (line.person().equals(before.person()) && line.policy().equals(before.policy())) {
                assertThat(line.balance()).isEqualTo(before.balance().plus(line.amount()));
            }
            assertThat(line.forecast()).isEqualTo(line.on().isAfter(TODAY) ? "forecast" : "");
        }
    }

    @Test
    void requestsAttendanceAndChangesHaveTheirRows() {
        assertThat(this.<RequestsSent.Row>rows("requests", NEW_YEAR, TODAY, null))
                .isNotEmpty()
                .allMatch(row -> !row.first().isAfter(TODAY) && !row.last().isBefore(NEW_YEAR));
        assertThat(this.rows("attendance", TODAY.minusDays(13), TODAY, GROUNDS)).isNotEmpty();
        assertThat(this.<Changes.Row>rows("changes", TODAY.minusYears(1), TODAY, null))
                .isNotEmpty();
        assertThatThrownBy(() -> rows("attendance", NEW_YEAR, LocalDate.of(2027, 12, 31), null))
                .hasMessage("Attendance is of at most 100 days.");
    }

    @Test
    void sumsAreOfEachUnitByItselfAndOfNothingThatStandsAtAMoment() {
        ReportView ledger = view("ledger", "", NEW_YEAR, TODAY);
        assertThat(ledger.sums()).extracting(ReportSum::unit).containsExactly(Unit.HOURS, Unit.DAYS);
        assertThat(ledger.sums().get(0).figures()).containsKey("amount").doesNotContainKey("balance");
    }

    @Test
    void aPageIsInOrderOfAnyColumn() {
        ReportView largest = view("lapses", "-amount", TODAY, TODAY.plusYears(1));
        assertThat(largest.rows().stream().map(row -> (Amount) row.get("amount")))
                .isSortedAccordingTo(java.util.Comparator.reverseOrder());
        assertThatThrownBy(() -> view("lapses", "salary", TODAY, TODAY)).hasMessage("There is no column salary.");
    }

    private ReportView view(String name, String order, LocalDate from, LocalDate through) {
        ReportQuestion question = new ReportQuestion(Reports.days(from, through), null, null, "");
        return user.actAs(Somebody.ADMINISTRATOR, () -> reports.view(name, question, order, 0, 500));
    }

    @Test
    void everyReportDeclaresItsColumnsOnce() {
        for (Reports.Offered each : user.actAs(Somebody.ADMINISTRATOR, reports::offered)) {
            Columns<?> columns = user.actAs(
                    Somebody.ADMINISTRATOR, () -> reports.named(each.name()).columns());
            assertThat(columns.headings()).as(each.name()).doesNotHaveDuplicates();
        }
    }

    @Test
    void daysThatCannotBeAreRefused() {
        assertThatThrownBy(() -> Reports.days(TODAY, TODAY.minusDays(1)))
                .hasMessage("The last day is before the first.");
        assertThatThrownBy(() -> Reports.days(TODAY, TODAY.plusYears(10)))
                .hasMessage("A report is about at most 3 years.");
        assertThatThrownBy(() -> rows("unheard-of", TODAY, TODAY, null)).hasMessageContaining("no such report");
    }

    @SuppressWarnings("unchecked")
    private <R extends Record> List<R> rows(String name, LocalDate from, LocalDate through, Long teamId) {
        List<R> rows = new ArrayList<>();
        user.actAs(Somebody.ADMINISTRATOR, () -> {
            Report<R> report = (Report<R>) reports.named(name);
            report.rows(new ReportQuestion(Reports.days(from, through), teamId, null, ""), rows::add);
            return null;
        });
        return rows;
    }
}
