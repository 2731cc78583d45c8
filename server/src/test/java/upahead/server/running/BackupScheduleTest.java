package upahead.server.running;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Path;
import java.time.LocalDateTime;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import upahead.server.platform.backups.Backup;
import upahead.server.platform.backups.BackupFolder;
import upahead.server.platform.sql.CannotStart;

class BackupScheduleTest {

    private static final LocalDateTime NIGHT = LocalDateTime.of(2027, 4, 26, 1, 30);

    @TempDir
    Path place;

    private BackupFolder folder;
    private BackupSchedule schedule;

    @BeforeEach
    void everyNight() {
        folder = new BackupFolder(place);
        schedule = new BackupSchedule("01:30", folder);
    }

    @Test
    void oneIsDueOnceANightAndLaterWhereTheProgramDidNotRun() {
        assertThat(schedule.isDue(NIGHT.minusHours(4))).as("none at all").isTrue();
        keep(NIGHT.minusDays(1), true);
        assertThat(schedule.isDue(NIGHT.minusSeconds(1))).isFalse();
        assertThat(schedule.isDue(NIGHT)).isTrue();
        assertThat(schedule.isDue(NIGHT.plusHours(6))).isTrue();
        keep(NIGHT.plusHours(6), true);
        assertThat(schedule.isDue(NIGHT.plusHours(7))).isFalse();
        assertThat(schedule.isDue(NIGHT.plusDays(1))).isTrue();
    }

    @Test
    void aFailedOneIsTriedAgainAfterAnHourAndIsToldOfMeanwhile() {
        keep(NIGHT.minusDays(1), true);
        assertThat(schedule.overdue(NIGHT)).isEmpty();
        keep(NIGHT, false);
        assertThat(schedule.isDue(NIGHT.plusMinutes(59))).isFalse();
        assertThat(schedule.isDue(NIGHT.plusMinutes(61))).isTrue();
        assertThat(schedule.overdue(NIGHT.plusMinutes(1))).map(Backup::made).contains(NIGHT);
        keep(NIGHT.plusMinutes(62), true);
        assertThat(schedule.overdue(NIGHT.plusHours(3))).isEmpty();
        assertThat(schedule.overdue(NIGHT.plusDays(2)))
                .as("two nights without one")
                .isPresent();
    }

    @Test
    void noneIsMadeWhereNoneIsWanted() {
        BackupSchedule never = new BackupSchedule("none", folder);
        assertThat(never.isDue(NIGHT)).isFalse();
        assertThat(never.at()).isEmpty();
        assertThatThrownBy(() -> new BackupSchedule("at night", folder))
                .isInstanceOf(CannotStart.class)
                .hasMessageContaining("at night is neither");
    }

    private void keep(LocalDateTime made, boolean good) {
        folder.keep(folder.begin(), made, good, "");
    }
}
