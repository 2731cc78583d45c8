package upahead.server.lookout;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;
import upahead.server.lookout.LookoutItem.Kind;
import upahead.server.lookout.LookoutItem.Urgency;
import upahead.server.platform.serving.AsBefore.Shown;

class LookoutLineTest {

    private static final LocalDate APRIL_30 = LocalDate.of(2027, 4, 30);
    private static final LocalDate MAY_2 = LocalDate.of(2027, 5, 2);
    private static final LocalDate MAY_31 = LocalDate.of(2027, 5, 31);

    private static final List<LookoutItem> ITEMS = List.of(
            item(Kind.LAPSE, "Kerensa", APRIL_30, "4.5"),
            item(Kind.WAIT_ENDS, "Merrin", MAY_2, "9"),
            item(Kind.LAPSE, "Nuala", APRIL_30, "0.25"),
            item(Kind.LAPSE, "Osric", MAY_31, "1"),
            item(Kind.REQUEST, "Perran", MAY_31, "8"),
            item(Kind.REQUEST, "Perran", MAY_31, "8"),
            item(Kind.WAIT_ENDS, "Silvan", MAY_31, "1"));

    @Test
    void whatHappensToSeveralStandsTogetherByKindAndPolicyAndWhatLapsesByItsDay() {
        List<LookoutLine> lines = LookoutLine.together(ITEMS);
        assertThat(lines)
                .extracting(line -> line.first().person())
                .containsExactly("Kerensa", "Merrin", "Osric", "Perran", "Perran");
        assertThat(lines).extracting(LookoutLine::people).containsExactly(2, 2, 1, 1, 1);
        assertThat(lines.get(0).says()).isEqualTo("2 people are about to lose 4.75 hours of Hourly leave");
        assertThat(lines.get(0).who()).isEqualTo("Kerensa, Nuala");
        assertThat(lines.get(1).says()).isEqualTo("2 people end a wait, with 10 hours of Hourly leave by then");
        assertThat(lines.get(2).says()).isNull();
    }

    @Test
    void theItemsOfALineAreThoseItCounts() {
        for (LookoutLine line : LookoutLine.together(ITEMS)) {
            LookoutItem first = line.first();
            if (first.kind() != Kind.REQUEST) {
                assertThat(LookoutLine.itemsOf(ITEMS, first.urgency(), first.kind(), first.policyId(), first.by()))
                        .hasSize(line.people())
                        .startsWith(first);
            }
        }
    }

    @Test
    void everybodyIsNamedOrOfManyTheFirstAndHowManyMoreThereAre() {
        assertThat(names(2)).isEqualTo("P1, P2");
        assertThat(names(13)).startsWith("P1, ").endsWith(", P12, P13");
        assertThat(names(143)).isEqualTo("P1, P2, P3, P4, P5, P6, P7, P8, P9, P10, P11, P12 and 131 more");
    }

    @Test
    void aPartOfTheLinesSaysHowManyThingsThereAreAltogether() {
        LookoutView second = LookoutView.of(new Shown<>(ITEMS, true), 1, 2);
        assertThat(second.lines()).extracting(line -> line.first().person()).containsExactly("Osric", "Perran");
        assertThat(second.total()).isEqualTo(5);
        assertThat(second.counts()).containsOnlyKeys(Urgency.FURTHER_AHEAD).containsEntry(Urgency.FURTHER_AHEAD, 7);
        assertThat(second.beingRenewed()).isTrue();
    }

    private static String names(int many) {
        List<LookoutItem> items = IntStream.rangeClosed(1, many)
                .mapToObj(at -> item(Kind.TENURE, "P" + at, MAY_2, "0"))
                .toList();
        return LookoutLine.together(items).get(0).who();
    }

    private static LookoutItem item(Kind kind, String person, LocalDate by, String amount) {
        return new LookoutItem(
                Urgency.FURTHER_AHEAD,
                kind,
                by,
                person + " is in it",
                "",
                1L,
                person,
                null,
                null,
                3L,
                "Hourly leave",
                Amount.of(amount),
                Unit.HOURS);
    }
}
