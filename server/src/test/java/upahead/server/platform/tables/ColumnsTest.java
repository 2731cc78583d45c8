package upahead.server.platform.tables;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import org.junit.jupiter.api.Test;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;

class ColumnsTest {

    private record Jar(String name, Unit unit, Amount held, Amount level, LocalDate on, List<String> marks) {}

    private static final Columns<Jar> COLUMNS = Columns.of(Jar.class)
            .onlyInFiles("marks", ColumnKind.WORDS)
            .with("name", "Name", ColumnKind.TEXT)
            .with("unit", "Unit", ColumnKind.UNIT)
            .with("held", "Held", ColumnKind.AMOUNT)
            .withLevel("level", "Level")
            .with("on", "Day", ColumnKind.DATE)
            .with(
                    "twice",
                    "Twice",
                    ColumnKind.AMOUNT,
                    jar -> jar.held() == null ? null : jar.held().plus(jar.held()));

    private static final Jar PLUM = new Jar(
            "plum", Unit.HOURS, Amount.of("2.5"), Amount.of(9), LocalDate.of(2027, 5, 3), List.of("old", "sweet"));
    private static final Jar APPLE =
            new Jar("Apple", Unit.DAYS, Amount.of("10"), Amount.of(1), LocalDate.of(2027, 4, 3), List.of());
    private static final Jar EMPTY = new Jar("empty", Unit.DAYS, null, Amount.ZERO, null, List.of());
    private static final List<Jar> ALL = List.of(PLUM, APPLE, EMPTY);

    @Test
    void amountsAreOrderedBySizeTextsWithoutRegardToCapitalsAndWhatIsMissingFirst() {
        Comparator<Jar> alike = Comparator.comparing(Jar::name);
        assertThat(COLUMNS.inOrder(ALL, "held", alike)).containsExactly(EMPTY, PLUM, APPLE);
        assertThat(COLUMNS.inOrder(ALL, "-held", alike)).containsExactly(APPLE, PLUM, EMPTY);
        assertThat(COLUMNS.inOrder(ALL, "name", alike)).containsExactly(APPLE, EMPTY, PLUM);
        assertThat(COLUMNS.inOrder(ALL, "twice", alike)).containsExactly(EMPTY, PLUM, APPLE);
        assertThat(COLUMNS.inOrder(ALL, "", alike)).isEqualTo(ALL);
        assertThatThrownBy(() -> COLUMNS.inOrder(ALL, "marks", alike)).hasMessage("There is no column marks.");
    }

    @Test
    void conditionsHoldForRowsThatHaveTheFigure() {
        assertThat(COLUMNS.where(Condition.read(List.of("held at-least 0")), ALL))
                .containsExactly(PLUM, APPLE);
        assertThat(COLUMNS.where(Condition.read(List.of("held between 2.5 9", "level exactly 9")), ALL))
                .containsExactly(PLUM);
        assertThat(COLUMNS.where(Condition.read(null), ALL)).isEqualTo(ALL);
        assertThatThrownBy(() -> COLUMNS.where(Condition.read(List.of("name at-most 3")), ALL))
                .hasMessage("No condition can be put on Name.");
    }

    @Test
    void whatStandsAtAMomentIsNotAddedUp() {
        assertThat(COLUMNS.sums(ALL))
                .containsEntry("held", Amount.of("12.5"))
                .containsEntry("twice", Amount.of(25))
                .doesNotContainKey("level");
        assertThat(COLUMNS.only(List.of("level", "held")).sums(ALL)).containsOnlyKeys("held");
    }

    @Test
    void someColumnsStandInAnOrderOfOnesOwnAfterThoseOfFiles() {
        Columns<Jar> some = COLUMNS.only(List.of("on", "name"));
        assertThat(some.headings()).containsExactly("marks", "on", "name");
        assertThat(some.shown()).extracting(ColumnView::title).containsExactly("Day", "Name");
        assertThat(some.texts(PLUM)).containsExactly("2027-05-03", "plum");
    }

    @Test
    void filesHaveAmountsAndDaysAsWhatTheyAre() {
        assertThat(COLUMNS.cells(PLUM))
                .containsExactly(
                        "old; sweet",
                        "plum",
                        "hours",
                        Amount.of("2.5"),
                        Amount.of(9),
                        LocalDate.of(2027, 5, 3),
                        Amount.of(5));
        assertThat(COLUMNS.cells(EMPTY)).containsExactly("", "empty", "days", null, Amount.ZERO, "", null);
        assertThat(COLUMNS.csv("jars", ALL).lines())
                .startsWith("marks,name,unit,held,level,on,twice", "old; sweet,plum,hours,2.5,9,2027-05-03,5");
    }

    @Test
    void aNameThatNoRowHasIsRefusedAtOnce() {
        assertThatThrownBy(() -> Columns.of(Jar.class).with("weight", "Weight", ColumnKind.AMOUNT))
                .hasMessage("Jar has no weight");
    }
}
