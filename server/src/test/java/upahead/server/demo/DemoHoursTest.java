package upahead.server.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import upahead.core.calendar.DateSpan;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.facts.hours.HoursImport;
import upahead.server.facts.hours.HoursImport.HoursPreview;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.files.FileColumns;
import upahead.server.platform.files.RowFault;

/** The file that the demo offers for the open run of the hourly staff. */
@WithDemo
class DemoHoursTest {

    private static final DateSpan PERIOD = DateSpan.of(LocalDate.of(2027, 4, 12), LocalDate.of(2027, 4, 25));

    @Autowired
    private DemoHours demoHours;

    @Autowired
    private HoursImport hours;

    @Autowired
    private CurrentUser user;

    @Test
    void hasTheTwoFaultsItIsMeantToHave() {
        HoursPreview preview = user.actAs(
                Somebody.ADMINISTRATOR, () -> hours.preview(file(), FileColumns.Reading.BY_ITSELF, 1, PERIOD));
        assertThat(preview.people()).isEqualTo(29);
        assertThat(preview.faults())
                .extracting(RowFault::reason)
                .containsExactly(
                        "nobody here has the code, address or name “B999”", "a day has between 0 and 24 hours, not 30");
    }

    @Test
    void takenTwiceItChangesNothing() {
        HoursPreview once = take();
        HoursPreview twice = take();
        assertThat(twice).isEqualTo(once);
    }

    private HoursPreview take() {
        Set<Long> faulty = Set.of(lines() - 1, lines());
        return user.actAs(Somebody.ADMINISTRATOR, () -> hours.take(file(), "demo.csv", 1, PERIOD, faulty));
    }

    private long lines() {
        return new String(file(), StandardCharsets.UTF_8).lines().count();
    }

    private byte[] file() {
        return demoHours.fileWithFaults(1, PERIOD).getBytes(StandardCharsets.UTF_8);
    }
}
