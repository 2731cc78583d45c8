package upahead.server.running;

import java.time.LocalDateTime;
import org.springframework.boot.actuate.health.Health;
import org.springframework.boot.actuate.health.HealthIndicator;
import org.springframework.stereotype.Component;
import upahead.server.platform.backups.Backup;

/** Whether there is a good backup of the last day, where one is to be made every day. */
@Component
class BackupHealthIndicator implements HealthIndicator {

    private final BackupSchedule schedule;

    BackupHealthIndicator(BackupSchedule schedule) {
        this.schedule = schedule;
    }

    @Override
    public Health health() {
        return schedule.overdue(LocalDateTime.now())
                .map(BackupHealthIndicator::down)
                .orElseGet(() -> Health.up().build());
    }

    private static Health down(Backup newest) {
        return Health.down()
                .withDetail("newest", newest.name())
                .withDetail("proved", newest.good())
                .build();
    }
}
