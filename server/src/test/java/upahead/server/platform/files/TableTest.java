package upahead.server.platform.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import upahead.core.quantity.Amount;

class TableTest {

    @ParameterizedTest
    @ValueSource(strings = {"UTF-8", "windows-1252", "UTF-16"})
    void namesAreReadInWhateverEncodingTheyWereWritten(String charset) {
        Table table = Table.read("code,name\r\nA1,Zoë Müller\r\n".getBytes(Charset.forName(charset)));
        assertThat(table.rows()).singleElement().satisfies(row -> assertThat(table.cell(row, "name"))
                .isEqualTo("Zoë Müller"));
    }

    @Test
    void aByteOrderMarkIsNoPartOfTheFirstHeading() {
        assertThat(read("\uFEFFcode,name\nA1,Wren").headings()).containsExactly("code", "name");
    }

    @ParameterizedTest
    @CsvSource(
            delimiterString = "=>",
            value = {"code;name => ;", "code,name => ,", "code|name => |"})
    void theSeparatorIsFoundOut(String heading, String separator) {
        Table table = read(heading + "\nA1" + separator + "Wren Hollis\n");
        assertThat(table.rows().get(0).cells()).containsExactly("A1", "Wren Hollis");
    }

    @Test
    void pastedCellsAreSeparatedByTabs() {
        assertThat(read("code\tname\nA1\tHollis, Wren").rows().get(0).cells()).containsExactly("A1", "Hollis, Wren");
    }

    @Test
    void quotesHoldSeparatorsLineBreaksAndQuotes() {
        Table table = read("code,name\nA1,\"Hollis, \"\"Wren\"\"\nJunior\"\nA2,Bryn\n");
        assertThat(table.rows()).hasSize(2);
        assertThat(table.rows().get(0).cells().get(1)).isEqualTo("Hollis, \"Wren\"\nJunior");
        assertThat(table.rows().get(1).line()).isEqualTo(4);
    }

    @Test
    void aShortRowHasEmptyCellsAndALongOneSaysSo() {
        Table table = read("code,name,team\nA1\nA2,Bryn,Office,more\n");
        assertThat(table.rows().get(0).cells()).containsExactly("A1", "", "");
        assertThat(table.rows().get(0).tooLong()).isFalse();
        assertThat(table.rows().get(1).tooLong()).isTrue();
    }

    @Test
    void emptyLinesAreNoRowsButCountAsLines() {
        Table table = read("code,name\n\n,\nA1,Wren\n");
        assertThat(table.rows()).singleElement().satisfies(row -> assertThat(row.line())
                .isEqualTo(4));
    }

    @ParameterizedTest
    @CsvSource(
            delimiterString = "=>",
            value = {
                "code,name => There are no rows under the headings. The first line names the columns.",
                "'' => There are no rows under the headings. The first line names the columns.",
            })
    void aTableNeedsRows(String text, String message) {
        assertThatThrownBy(() -> read(text)).hasMessage(message);
    }

    @Test
    void aHeadingStandsOnce() {
        assertThatThrownBy(() -> read("code,Name,name\nA1,Wren,Wren"))
                .hasMessage("The column “name” stands in the first line twice.");
    }

    @Test
    void anUnendedQuoteIsSaidToBeUnreadable() {
        assertThatThrownBy(() -> read("code,name\nA1,\"Wren\nA2,Bryn\n"))
                .hasMessageStartingWith("This cannot be read as a table: from line ");
    }

    @Test
    void columnsAreFoundWhateverTheirCaseAndSpaces() {
        Table table = read("Employee Code,FULL-NAME,Shoe size\nA1,Wren,41");
        assertThat(table.matched(Map.of("code", List.of("employeecode"), "name", List.of("fullname"))))
                .isEqualTo(Map.of("code", "Employee Code", "name", "FULL-NAME"));
    }

    @ParameterizedTest
    @CsvSource({
        "2027-04-26, DAY_FIRST, 2027-04-26",
        "2027-4-6, MONTH_FIRST, 2027-04-06",
        "03/04/2027, DAY_FIRST, 2027-04-03",
        "03/04/2027, MONTH_FIRST, 2027-03-04",
        "3.4.2027, DAY_FIRST, 2027-04-03",
        "2027-04-26 00:00, DAY_FIRST, 2027-04-26",
        "31/02/2027, DAY_FIRST, ",
        "26/04/27, DAY_FIRST, ",
        "soon, DAY_FIRST, ",
    })
    void datesInTheirOrders(String text, Dates.Order order, String date) {
        assertThat(Dates.read(text, order).map(Object::toString)).isEqualTo(Optional.ofNullable(date));
    }

    @Test
    void aDayAboveTwelveTellsTheOrderOfAll() {
        assertThat(Dates.orderOf(List.of("03/04/2027", "25/04/2027"))).contains(Dates.Order.DAY_FIRST);
        assertThat(Dates.orderOf(List.of("03/04/2027", "04/25/2027"))).contains(Dates.Order.MONTH_FIRST);
        assertThat(Dates.orderOf(List.of("03/04/2027", "2027-04-25"))).isEmpty();
        assertThat(Dates.needsOrder(List.of("2027-04-25"))).isFalse();
    }

    @ParameterizedTest
    @CsvSource(
            delimiterString = "=>",
            value = {"7.5 => 7.5", "7,5 => 7.5", "−3 => -3", "+4 => 4", "1,234.50 => 1234.50", "12 => 12"})
    void numbersAsSpreadsheetsWriteThem(String text, String number) {
        assertThat(Numbers.read(text)).contains(Amount.of(number));
    }

    @ParameterizedTest
    @CsvSource(
            delimiterString = "=>",
            value = {"7:30 => 7.5", "-0:45 => -0.75", "112:20 => 112.3333", "7,5 => 7.5"})
    void hoursAndMinutes(String text, String number) {
        assertThat(Numbers.readHours(text)).contains(Amount.of(number));
    }

    @Test
    void minutesBeyondTheHourAreNoHours() {
        assertThat(Numbers.readHours("7:60")).isEmpty();
        assertThat(Numbers.read("7:30")).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "seven", "7h", "1e3", "--2", "7.5.1"})
    void whatIsNoNumber(String text) {
        assertThat(Numbers.read(text)).isEmpty();
    }

    private static Table read(String text) {
        return Table.read(text.getBytes(StandardCharsets.UTF_8));
    }
}
