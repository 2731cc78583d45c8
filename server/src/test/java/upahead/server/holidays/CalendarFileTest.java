package upahead.server.holidays;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.junit.jupiter.api.Assertions.assertTimeout;

import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import upahead.core.calendar.DateSpan;
import upahead.core.calendar.HolidayCalendar.Holiday;
import upahead.server.platform.problems.Refusal;

/** What is taken from an iCalendar file, and what is refused. */
class CalendarFileTest {

    private static final DateSpan WANTED = new DateSpan(LocalDate.of(2026, 1, 1), LocalDate.of(2030, 12, 31));

    @Test
    void repeatsZonesAndLongEventsOfAFile() {
        String file = calendar("DTSTART;VALUE=DATE:20250815\r\nRRULE:FREQ=YEARLY\r\nSUMMARY:Harvest home")
                .replace(
                        "END:VCALENDAR",
                        event("DTSTART;TZID=Pacific/Auckland:20270914T090000\r\n"
                                        + "DTEND;TZID=Pacific/Auckland:20270914T170000\r\nSUMMARY:Antipodes day")
                                + event("DTSTART;VALUE=DATE:20271020\r\nDTEND;VALUE=DATE:20271023\r\nSUMMARY:Break")
                                + event("SUMMARY:Some day") + "END:VCALENDAR");
        CalendarFile read = read(file);
        assertThat(read.days().entrySet())
                .extracting(day -> day.getKey() + " " + day.getValue().name())
                .contains(
                        "2026-08-15 Harvest home",
                        "2027-08-15 Harvest home",
                        "2030-08-15 Harvest home",
                        "2027-09-14 Antipodes day",
                        "2027-10-20 Break",
                        "2027-10-22 Break")
                .doesNotContain("2025-08-15 Harvest home", "2027-10-23 Break");
        assertThat(read.notes())
                .containsExactly(
                        "Antipodes day has a time of day; the whole day is taken.",
                        "Some day has no date and is left out.");
    }

    @Test
    void whatIsNoCalendarIsSaidToBeNone() {
        assertThatThrownBy(() -> read("code,name\nA1,Wren"))
                .isInstanceOfSatisfying(
                        Refusal.class, refusal -> assertThat(refusal.field()).isEqualTo("file"));
        assertThatThrownBy(() -> read("BEGIN:VCALENDAR\r\nVERSION:2.0\r\nEND:VCALENDAR\r\n"))
                .hasMessage("There is no event in this calendar.");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "DTSTART;VALUE=DATE:20270231|Line 6: 20270231 is no date.",
                "DTSTART;VALUE=DATE:20271301|Line 6: 20271301 is no date.",
                "DTSTART:20270503T256100|Line 6: 20270503T256100 is no date.",
                "DTSTART;VALUE=DATE:3 May 2027|Line 6: 3 May 2027 is no date.",
            })
    void aDateThatDoesNotExistIsNotMovedToAnother(String start, String message) {
        assertThatThrownBy(() -> read(calendar(start + "\r\nSUMMARY:Fair"))).hasMessage(message);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "FREQ=YEARLY;BYMONTH=13",
                "FREQ=FORTNIGHTLY",
                "FREQ=SECONDLY",
                "FREQ=YEARLY;INTERVAL=0",
                "FREQ=MONTHLY;BYDAY=XX",
                "FREQ=YEARLY;UNTIL=20270231",
                "FREQ=DAILY;BYHOUR=9",
                "whenever"
            })
    void aRepeatThatIsNotUnderstoodIsNotDropped(String repeat) {
        assertThatThrownBy(() -> read(calendar("DTSTART;VALUE=DATE:20270503\r\nRRULE:" + repeat + "\r\nSUMMARY:Fair")))
                .hasMessageStartingWith("Line 7: the repeat ")
                .hasMessageContaining("is not understood");
    }

    @Test
    void ofAFileThatWasCutOffNothingIsTaken() {
        String whole = calendar("DTSTART;VALUE=DATE:20270914\r\nSUMMARY:Fair");
        for (int length = whole.length() - 3; length > 20; length -= 7) {
            String cut = whole.substring(0, length);
            assertThatThrownBy(() -> read(cut)).isInstanceOf(Refusal.class);
        }
        assertThatThrownBy(() -> read(whole.substring(0, whole.indexOf("END:VEVENT"))))
                .hasMessage("The file ends within VEVENT: it was cut off, so nothing is taken from it.");
        assertThat(read(whole).days()).hasSize(1);
    }

    @Test
    void aRepeatThatBeganLongAgoGoesOnToTheEndOfTheDaysWanted() {
        String file = calendar("DTSTART;VALUE=DATE:19900105\r\nRRULE:FREQ=WEEKLY;BYDAY=FR\r\nSUMMARY:Early close");
        assertThat(read(file).days()).containsKeys(LocalDate.of(2026, 1, 2), LocalDate.of(2030, 12, 27));
    }

    @Test
    void anOlderEncodingIsRead() {
        byte[] file =
                calendar("DTSTART;VALUE=DATE:20270914\r\nSUMMARY:Müßiggang").getBytes(Charset.forName("windows-1252"));
        assertThat(CalendarFile.read(file, WANTED).days().values())
                .extracting(Holiday::name)
                .containsExactly("Müßiggang");
    }

    @Test
    void aCalendarFullOfEveryDayIsNoneOfHolidays() {
        String daily = event("DTSTART;VALUE=DATE:19700101\r\nRRULE:FREQ=DAILY\r\nSUMMARY:Another day");
        String file = "BEGIN:VCALENDAR\r\nVERSION:2.0\r\n" + daily.repeat(2_000) + "END:VCALENDAR\r\n";
        assertThatThrownBy(() -> read(file)).hasMessageContaining("more than 20000 days");
    }

    @Test
    void aLargeFileIsReadInAMoment() {
        StringBuilder events = new StringBuilder();
        for (int number = 0; number < 12_000; number++) {
            events.append(event("DTSTART;VALUE=DATE:" + (1990 + number % 50) + "0914\r\nSUMMARY:Fair " + number));
        }
        String file = calendar("DTSTART;VALUE=DATE:20270915\r\nSUMMARY:After the fair")
                .replace("END:VCALENDAR", events + "END:VCALENDAR");
        assertThat(file.length()).isGreaterThan(1_000_000);
        assertTimeout(Duration.ofSeconds(10), () -> read(file));
    }

    private static String calendar(String lines) {
        return "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:test\r\n" + event(lines) + "END:VCALENDAR\r\n";
    }

    private static String event(String lines) {
        return "BEGIN:VEVENT\r\nUID:" + lines.hashCode() + "\r\n" + lines + "\r\nEND:VEVENT\r\n";
    }

    private static CalendarFile read(String file) {
        return CalendarFile.read(file.getBytes(StandardCharsets.UTF_8), WANTED);
    }
}
