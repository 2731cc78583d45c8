package upahead.server.running;

import java.time.LocalDateTime;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** Makes the backups that are due, once that time has come. */
@Component
class DailyBackup {

    private final Backups backups;
    private final BackupSchedule schedule;

    DailyBackup(Backups backups, BackupSchedule schedule) {
        this.backups = backups;
        this.schedule = schedule;
    }

    @Scheduled(fixedDelayString = "${upahead.backups.look}", initialDelayString = "${upahead.backups.look}")
    void look() {
        if (!backups.isUnderWay() && schedule.isDue(LocalDateTime.now())) {
            backups.start("the program, by itself");
        }
    }
}
