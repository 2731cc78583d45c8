package upahead.server.running;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import upahead.server.platform.backups.Backup;
import upahead.server.platform.backups.BackupFolder;
import upahead.server.platform.problems.Refusal;

/**
 * Makes a backup for whoever asks for it on the machine itself. Only one program can use a data file, so the command puts
 * {@code backup.wanted} beside it and finds {@code backup.answer} later, which says {@code good} or {@code failed}, where
 * the backup lies, and why. Whoever may write there may read all of it anyway.
 */
@Component
class WantedBackups {

    private final Path wanted;
    private final Path taken;
    private final Path answer;
    private final Backups backups;
    private final BackupFolder folder;

    WantedBackups(@Value("${upahead.data:./data}") Path data, Backups backups, BackupFolder folder) throws IOException {
        this.wanted = data.resolve("backup.wanted");
        this.taken = data.resolve("backup.taken");
        this.answer = data.resolve("backup.answer");
        this.backups = backups;
        this.folder = folder;
        // what a program that was killed had begun
        Files.deleteIfExists(taken);
    }

    @Scheduled(fixedDelay = 1_000)
    void look() throws IOException {
        if (!Files.exists(wanted)) {
            return;
        }
        Files.move(wanted, taken, StandardCopyOption.REPLACE_EXISTING);
        try {
            backups.start("the backup command").whenComplete(this::tell);
        } catch (Refusal busy) {
            answer("failed", "", busy.getMessage());
        }
    }

    private void tell(Backup made, Throwable failed) {
        if (failed != null) {
            answer("failed", "", failed.getCause().getMessage());
        } else {
            answer(made.good() ? "good" : "failed", folder.file(made).toString(), made.report());
        }
    }

    private void answer(String outcome, String file, String report) {
        try {
            Files.writeString(taken, outcome + "\n" + file + "\n" + report + "\n");
            Files.move(taken, answer, StandardCopyOption.ATOMIC_MOVE);
        } catch (IOException lost) {
            throw new UncheckedIOException(lost);
        }
    }
}
