package upahead.server.running;

import java.time.Duration;
import java.time.LocalDateTime;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import upahead.server.platform.sql.Locks;

/** Makes the backups that are due, once that time has come. */
@Component
class DailyBackup {

    /** By then the first one's backup lies in the folder that they share. */
    private static final Duration NEXT_PROGRAM_WAITS = Duration.ofMinutes(50);

    private final Backups backups;
    private final BackupSchedule schedule;
    private final Locks locks;

    DailyBackup(Backups backups, BackupSchedule schedule, Locks locks) {
        this.locks = locks;
        this.backups = backups;
        this.schedule = schedule;
    }

    @Scheduled(fixedDelayString = "${upahead.backups.look}", initialDelayString = "${upahead.backups.look}")
    void look() {
        if (!backups.isUnderWay() && schedule.isDue(LocalDateTime.now())) {
            locks.once(
                    "daily backup",
                    NEXT_PROGRAM_WAITS,
                    NEXT_PROGRAM_WAITS,
                    () -> backups.start("the program, by itself"));
        }
    }
}
