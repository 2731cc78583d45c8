package upahead.server.reports;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import upahead.core.quantity.Amount;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.platform.access.CurrentUser;

@WithDemo
class ReportsTest {

    private static final LocalDate TODAY = LocalDate.of(2027, 4, 26);
    private static final long GROUNDS = 3;

    @Autowired
    private Reports reports;

    @Autowired
    private CurrentUser user;

    @Test
    void eachIsOfferedWithTheDaysAboutWhichItIsUsuallyAsked() {
        assertThat(user.actAs(Somebody.ADMINISTRATOR, reports::offered))
                .extracting(Reports.Offered::name, Reports.Offered::from)
                .contains(
                        org.assertj.core.groups.Tuple.tuple("absences", LocalDate.of(2027, 1, 1)),
                        org.assertj.core.groups.Tuple.tuple("lapses", TODAY));
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
        assertThat(this.<Lapses.Row>rows("lapses", LocalDate.of(2027, 1, 1), TODAY, null))
                .isEmpty();
    }

    @Test
    void absencesAddUpByPersonKindAndMonth() {
        List<Absences.Row> rows = rows("absences", LocalDate.of(2027, 1, 1), LocalDate.of(2027, 12, 31), null);
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
        List<Absences.Row> ofTheTeam = rows("absences", LocalDate.of(2027, 1, 1), LocalDate.of(2027, 12, 31), GROUNDS);
        assertThat(Amount.sum(ofTheTeam.stream().map(Absences.Row::hours).toList()))
                .isEqualTo(inTeams);
    }

    @Test
    void daysThatCannotBeAreRefused() {
        assertThatThrownBy(() -> rows("absences", TODAY, TODAY.minusDays(1), null))
                .hasMessage("The last day is before the first.");
        assertThatThrownBy(() -> rows("absences", TODAY, TODAY.plusYears(4), null))
                .hasMessage("A report is about at most 3 years.");
        assertThatThrownBy(() -> rows("unheard-of", TODAY, TODAY, null)).hasMessageContaining("no such report");
    }

    @SuppressWarnings("unchecked")
    private <R extends Record> List<R> rows(String name, LocalDate from, LocalDate through, Long teamId) {
        return (List<R>) user.actAs(Somebody.ADMINISTRATOR, () -> reports.ask(name, from, through, teamId)
                .rows());
    }
}
