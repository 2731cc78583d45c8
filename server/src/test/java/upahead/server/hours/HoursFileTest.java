package upahead.server.hours;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upahead.core.calendar.DateSpan;
import upahead.core.quantity.Amount;
import upahead.server.people.EmploymentType;
import upahead.server.people.Person;

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
                "P9,2027-04-14,regular,8|nobody of this pay group has the code “P9”",
                "P7,14.4.2027,regular,8|the date must be written like 2027-04-12, not “14.4.2027”",
                "P7,2027-04-26,regular,8|2027-04-26 is not in the period 2027-04-12 to 2027-04-25",
                "P7,2027-04-13,regular,8|Oda Testwell is not employed on 2027-04-13",
                "P7,2027-04-14,night,8|the kind must be regular, overtime or training, not “night”",
                "P7,2027-04-14,regular,30|a day has between 0 and 24 hours, not 30",
                "P7,2027-04-14,regular,-1|a day has between 0 and 24 hours, not -1",
                "P7,2027-04-14,regular,eight|the hours must be a number, not “eight”",
                "P7,2027-04-14|has 2 fields instead of those of the heading",
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
                .extracting(HoursFault::reason)
                .containsExactly(
                        "regular hours of Oda Testwell on 2027-04-15 stand in the file twice",
                        "that makes 25 hours for Oda Testwell on 2027-04-15");
    }

    @Test
    void aWrongColumnIsNamedBeforeAnyRow() {
        assertThatThrownBy(() -> read("person,day,kind,hours\nP7,2027-04-15,regular,8\n"))
                .hasMessage("The file needs the columns person, date, kind and hours; missing: date. "
                        + "Found: person, day, kind, hours.");
        assertThatThrownBy(() -> read("person,date,kind,hours\n")).hasMessage("The file has no rows.");
    }

    private static HoursFile read(String content) {
        return HoursFile.read(content.getBytes(StandardCharsets.UTF_8), Map.of("P7", ODA), PERIOD);
    }
}
