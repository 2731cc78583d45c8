package upahead.server.facts.hours;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upahead.core.calendar.DateSpan;
import upahead.core.quantity.Amount;
import upahead.server.employment.EmploymentType;
import upahead.server.employment.Person;
import upahead.server.employment.PersonFinder;
import upahead.server.platform.files.FileColumns;
import upahead.server.platform.files.RowFault;

class HoursFileTest {

    private static final DateSpan PERIOD = DateSpan.of(LocalDate.of(2027, 4, 12), LocalDate.of(2027, 4, 25));
    private static final Person ODA = new Person(
            7,
            "P7",
            "Oda Testwell",
            null,
            1,
            "Here",
            1,
            "Team",
            EmploymentType.HOURLY,
            1,
            "Hourly",
            null,
            null,
            LocalDate.of(2027, 4, 14),
            null,
            LocalDate.of(2027, 4, 14),
            null,
            null,
            null);

    @Test
    void takesCleanRowsWhateverTheOrderOfTheColumnsAndTheSeparator() {
        HoursFile file = read("\uFEFFHours;Date;Person;Kind\n7.5;2027-04-14;P7;Regular\n2;2027-04-15;P7;\n");
        assertThat(file.faults()).isEmpty();
        assertThat(file.rows())
                .containsExactly(
                        new HoursRow(7, LocalDate.of(2027, 4, 14), "regular", Amount.of("7.5")),
                        new HoursRow(7, LocalDate.of(2027, 4, 15), "regular", Amount.of(2)));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "P9,2027-04-14,regular,8|nobody here has the code, address or name “P9”",
                "P7,14.4.,regular,8|“14.4.” is no date; write it as 2027-04-12",
                "P7,2027-04-26,regular,8|26 April 2027 is not in the period 12 April to 25 April",
                "P7,2027-04-13,regular,8|Oda Testwell is not employed on 13 April 2027",
                "P7,2027-04-14,night,8|the kind must be one of regular, overtime, training, rest day, not “night”",
                "P7,2027-04-14,regular,30|a day has between 0 and 24 hours, not 30",
                "P7,2027-04-14,regular,-1|a day has between 0 and 24 hours, not -1",
                "P7,2027-04-14,regular,eight|the hours must be a number, not “eight”",
                "P7,2027-04-14|the hours must be a number, not “”",
                "P7,2027-04-14,regular,8,again|has more cells than there are headings",
            })
    void aFaultyRowIsNamedByLineAndReason(String row, String reason) {
        HoursFile file =
                read("person,date,kind,hours\nP7,2027-04-15,regular,8\n" + row + "\nP7,2027-04-16,regular,8\n");
        assertThat(file.rows()).hasSize(2);
        assertThat(file.faults()).singleElement().satisfies(fault -> {
            assertThat(fault.line()).isEqualTo(3);
            assertThat(fault.reason()).isEqualTo(reason);
        });
    }

    @Test
    void theSameHoursTwiceAndTooManyInADayAreFaults() {
        HoursFile file = read(
                """
                person,date,kind,hours
                P7,2027-04-15,regular,16
                P7,2027-04-15,regular,16
                P7,2027-04-15,overtime,9
                """);
        assertThat(file.faults())
                .extracting(RowFault::reason)
                .containsExactly(
                        "regular hours of Oda Testwell on 15 April stand in the file twice",
                        "that makes 25 hours for Oda Testwell on 15 April");
    }

    @Test
    void aColumnThatIsNotFoundIsAskedForAndCanBeChosen() {
        String content = "person,shift of,hours\nP7,2027-04-15,8\n";
        HoursFile file = read(content);
        assertThat(file.rows()).isEmpty();
        assertThat(file.columns().missing()).containsExactly("Date");
        assertThatThrownBy(() -> file.columns().requireNeeded()).hasMessage("Please choose the column for Date.");
        FileColumns.Reading chosen = new FileColumns.Reading(
                List.of(
                        new FileColumns.ColumnChoice("PERSON", "person"),
                        new FileColumns.ColumnChoice("DATE", "shift of"),
                        new FileColumns.ColumnChoice("HOURS", "hours")),
                null);
        assertThat(read(content, chosen).rows())
                .containsExactly(new HoursRow(7, LocalDate.of(2027, 4, 15), "regular", Amount.of(8)));
    }

    @Test
    void aFileAsItComesFromElsewhereIsUnderstood() {
        HoursFile file = read(
                """
                Employee;Work date;Pay code;Hours worked
                Testwell, Oda;14.04.2027;REGULAR;7,5
                oda testwell;15/04/2027;;7:20
                """);
        assertThat(file.faults()).isEmpty();
        assertThat(file.rows())
                .containsExactly(
                        new HoursRow(7, LocalDate.of(2027, 4, 14), "regular", Amount.of("7.5")),
                        new HoursRow(7, LocalDate.of(2027, 4, 15), "regular", Amount.of("7.3333")));
    }

    private static HoursFile read(String content) {
        return read(content, FileColumns.Reading.BY_ITSELF);
    }

    private static HoursFile read(String content, FileColumns.Reading reading) {
        return HoursFile.read(
                content.getBytes(StandardCharsets.UTF_8), reading, PersonFinder.of(List.of(ODA)), PERIOD, Map.of());
    }
}
