package upahead.server.running;

import jakarta.annotation.Nullable;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.atomic.AtomicReference;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.audit.Audit;
import upahead.server.platform.audit.Thing;
import upahead.server.platform.backups.Backup;
import upahead.server.platform.backups.BackupFolder;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.platform.words.Words;

/** The backups of this program: made on request or on schedule, one at a time, each on record. */
@Service
public class Backups {

    private static final Logger LOG = LoggerFactory.getLogger(Backups.class);
    private static final long THE_COMPANY = 0;

    /**
     * A backup that is being made.
     *
     * @param step what is being done now
     */
    public record UnderWay(LocalDateTime since, String step) {}

    /**
     * What there is of backups.
     *
     * @param folder in which they lie, on the machine of the program
     * @param daily when one is made every day, null where none is
     * @param underWay what is being made now, null where nothing is
     * @param problem why the last one could not be written, null where it could
     * @param all the newest first
     */
    public record BackupsView(
            String folder,
            @Nullable String daily,
            @Nullable UnderWay underWay,
            @Nullable String problem,
            List<Backup> all) {}

    private final BackupMaker maker;
    private final BackupFolder folder;
    private final BackupSchedule schedule;
    private final CurrentUser user;
    private final Audit audit;
    private final TransactionTemplate writing;
    private final AtomicReference<UnderWay> underWay = new AtomicReference<>();
    private volatile String problem;

    Backups(
            BackupMaker maker,
            BackupFolder folder,
            BackupSchedule schedule,
            CurrentUser user,
            Audit audit,
            TransactionTemplate writing) {
        this.maker = maker;
        this.folder = folder;
        this.schedule = schedule;
        this.user = user;
        this.audit = audit;
        this.writing = writing;
    }

    /** All there are, and whether one is being made. */
    @May(Permission.KEEP_THE_COMPANY)
    public BackupsView all() {
        return new BackupsView(
                folder.path().toString(), schedule.at().orElse(null), underWay.get(), problem, folder.all());
    }

    /** What is wrong with the backups, in a sentence; empty where nothing is. */
    @May(Permission.KEEP_THE_COMPANY)
    public Optional<String> wrong() {
        if (problem != null) {
            return Optional.of("The last one could not be written: " + problem);
        }
        return schedule.overdue(LocalDateTime.now())
                .map(newest -> newest.good()
                        ? "The newest one is of " + Words.day(newest.made().toLocalDate())
                                + ", though one is made every day."
                        : "The newest one could not be proved.");
    }

    /**
     * Begins one; how far it is and what became of it is told by {@link #all}.
     *
     * @throws Refusal if one is being made
     */
    @May(Permission.KEEP_THE_COMPANY)
    public void begin() {
        start(user.get().name());
    }

    boolean isUnderWay() {
        return underWay.get() != null;
    }

    /**
     * Begins one in a thread of its own.
     *
     * @param by who wanted it
     * @return the backup, or why none could be written
     * @throws Refusal if one is being made
     */
    CompletableFuture<Backup> start(String by) {
        if (!underWay.compareAndSet(null, new UnderWay(LocalDateTime.now(), "Beginning"))) {
            throw Refusal.conflict("A backup is being made already.");
        }
        return CompletableFuture.supplyAsync(() -> make(by), work -> {
            Thread thread = new Thread(work, "backup");
            thread.setDaemon(true);
            thread.start();
        });
    }

    private Backup make(String by) {
        try {
            Backup made =
                    maker.make(step -> underWay.set(new UnderWay(underWay.get().since(), step)));
            problem = null;
            writing.executeWithoutResult(status -> audit.record(
                    by,
                    Thing.COMPANY,
                    THE_COMPANY,
                    made.good() ? "backed everything up" : "made a backup that could not be proved",
                    null,
                    made.name()));
            return made;
        } catch (RuntimeException failed) {
            problem = failed.getMessage();
            LOG.error("no backup could be made: {}", failed.getMessage());
            throw failed;
        } finally {
            underWay.set(null);
        }
    }
}
