package upahead.server.running;

import java.time.Duration;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.format.DateTimeParseException;
import java.util.List;
import java.util.Optional;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import upahead.server.platform.backups.Backup;
import upahead.server.platform.backups.BackupFolder;
import upahead.server.platform.sql.CannotStart;

/** When a backup is due: once a day, later where the program did not run then, and again after an hour where one failed. */
@Component
class BackupSchedule {

    private static final String NEVER = "none";
    private static final Duration AGAIN_AFTER = Duration.ofHours(1);

    private final LocalTime at;
    private final BackupFolder folder;

    /**
     * @param at a time of the machine's day, or {@code none}
     */
    BackupSchedule(@Value("${upahead.backups.at}") String at, BackupFolder folder) {
        this.folder = folder;
        try {
            this.at = at.equals(NEVER) ? null : LocalTime.parse(at);
        } catch (DateTimeParseException unknown) {
            throw new CannotStart(
                    "backups are made at a time such as 01:30, or " + NEVER + "; " + at + " is neither.", unknown);
        }
    }

    /** The time of day; empty where none are made by themselves. */
    Optional<String> at() {
        return Optional.ofNullable(at).map(LocalTime::toString);
    }

    /** Whether one is to be made now. */
    boolean isDue(LocalDateTime now) {
        if (at == null) {
            return false;
        }
        LocalDateTime last = now.toLocalTime().isBefore(at)
                ? now.toLocalDate().minusDays(1).atTime(at)
                : now.toLocalDate().atTime(at);
        List<Backup> since = folder.all().stream()
                .filter(each -> !each.made().isBefore(last))
                .toList();
        return since.stream().noneMatch(Backup::good)
                && since.stream().noneMatch(each -> each.made().isAfter(now.minus(AGAIN_AFTER)));
    }

    /** The newest there is where it is not good, or older than a day; empty where all is as it should be. */
    Optional<Backup> overdue(LocalDateTime now) {
        if (at == null) {
            return Optional.empty();
        }
        LocalDateTime dayBefore = now.minusDays(1).minus(AGAIN_AFTER);
        return folder.newest().filter(newest -> !newest.good() || newest.made().isBefore(dayBefore));
    }
}
