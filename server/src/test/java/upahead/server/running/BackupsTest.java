package upahead.server.running;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.backups.Backup;
import upahead.server.platform.backups.BackupFolder;
import upahead.server.platform.problems.Refusal;

/** Backups of a company in use are taken in by another program before they count. */
@WithDemo
@Transactional(propagation = Propagation.NOT_SUPPORTED)
class BackupsTest {

    @TempDir
    static Path folder;

    @DynamicPropertySource
    static void backupsAreKeptHere(DynamicPropertyRegistry properties) {
        properties.add("upahead.backups.folder", folder::toString);
        properties.add("upahead.data", folder::toString);
    }

    @Autowired
    private Backups backups;

    @Autowired
    private BackupFolder kept;

    @Autowired
    private BackupProof proof;

    @Autowired
    private WantedBackups wanted;

    @Autowired
    private CurrentUser user;

    @Test
    void aBackupIsGoodOnceAnotherProgramProvedItAndTheCommandIsTold() throws Exception {
        Files.createFile(folder.resolve("backup.wanted"));
        wanted.look();
        assertThat(backups.isUnderWay()).isTrue();
        assertThatThrownBy(() -> user.actAs(Somebody.ADMINISTRATOR, () -> {
                    backups.begin();
                    return null;
                }))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("being made already");
        Path answer = folder.resolve("backup.answer");
        while (!Files.exists(answer)) {
            Thread.onSpinWait();
        }
        Backup made = kept.newestGood().orElseThrow();
        assertThat(answer).content().startsWith("good\n" + kept.file(made));
        assertThat(made.report()).contains("balances proved").endsWith("is derived, late changes apart.");
        assertThat(kept.path().toFile().list()).as("what is left").noneMatch(name -> name.endsWith(".unfinished"));
        Files.delete(answer);

        byte[] whole = Files.readAllBytes(kept.file(made));
        Path cut = Files.write(kept.begin(), Arrays.copyOf(whole, whole.length / 2));
        BackupProof.Outcome outcome = proof.of(cut, kept.placeToProve());
        assertThat(outcome.good()).isFalse();
        assertThat(outcome.report()).contains("is damaged or none of a company");
        Files.delete(cut);
    }

    @Test
    void whereNothingCanBeWrittenItIsSaid() throws IOException {
        Path inTheWay = Files.writeString(folder.resolve("in-the-way"), "a file");
        BackupFolder nowhere = new BackupFolder(inTheWay.resolve("backups"));
        assertThatThrownBy(nowhere::begin).hasMessageContaining("cannot be written to");
        Files.delete(inTheWay);
    }
}
