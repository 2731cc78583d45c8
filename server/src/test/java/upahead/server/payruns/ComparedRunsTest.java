package upahead.server.payruns;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.function.Supplier;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import upahead.core.quantity.Amount;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.platform.access.CurrentUser;

/** The runs of the hourly staff in the demo: that of 29 March to 11 April 2027 is closed, the next one gathers. */
@WithDemo
class ComparedRunsTest {

    @Autowired
    private ComparedRuns compared;

    @Autowired
    private PayRuns runs;

    @Autowired
    private CurrentUser user;

    @Test
    void hoursLeaveAndBalancesStandBesideThoseOfTheRunBefore() {
        List<ComparedRow> rows = compare(run("2027-04-12"), run("2027-03-29"), "Verena", false);
        assertThat(rows).allSatisfy(row -> {
            assertThat(row.person()).isEqualTo("Verena Elkstone");
            assertThat(row.change()).isEqualTo(row.after().minus(row.before()));
            assertThat(row.change().isZero()).isFalse();
        });
        assertThat(rows)
                .extracting(ComparedRow::what)
                .contains("regular hours", "overtime hours", "Hourly leave earned", "Hourly leave balance");
        ComparedRow earned = rows.stream()
                .filter(row -> row.what().equals("Hourly leave earned"))
                .findFirst()
                .orElseThrow();
        assertThat(earned.why()).anyMatch(why -> why.contains("hours counted in 12 Apr to 25 Apr 2027"));
    }

    @Test
    void aFigureThatOneOfThemDoesNotHaveIsNothingThere() {
        List<ComparedRow> rows = compare(run("2027-04-12"), run("2027-03-29"), "Kerensa regular", false);
        assertThat(rows).isEmpty();
        assertThat(compare(run("2027-04-12"), run("2027-03-29"), "Kerensa", false))
                .filteredOn(row -> row.what().equals("regular hours"))
                .singleElement()
                .satisfies(row -> assertThat(row.after()).isEqualTo(Amount.ZERO));
    }

    @Test
    void whatIsTheSameIsToldOnRequest() {
        long run = run("2027-03-29");
        long before = run("2027-03-15");
        assertThat(compare(run, before, "", true).size())
                .isGreaterThan(compare(run, before, "", false).size());
    }

    @Test
    void onlyAnotherRunOfTheSameGroupIsCompared() {
        long run = run("2027-04-12");
        assertThatThrownBy(() -> compare(run, run, "", false))
                .hasMessage("Please choose another run of the same pay group.");
        long salaried = act(() -> runs.ofGroup(2)).get(0).id();
        assertThatThrownBy(() -> compare(run, salaried, "", false)).hasMessageContaining("same pay group");
    }

    private List<ComparedRow> compare(long run, long with, String search, boolean all) {
        return act(() -> compared.compare(run, with, search, all));
    }

    private long run(String firstDay) {
        return act(() -> runs.ofGroup(1)).stream()
                .filter(each -> each.firstDay().toString().equals(firstDay))
                .findFirst()
                .orElseThrow()
                .id();
    }

    private <T> T act(Supplier<T> work) {
        return user.actAs(Somebody.ADMINISTRATOR, work);
    }
}
