package upahead.server.platform.sql;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.time.LocalDateTime;
import java.util.Arrays;
import org.h2.store.fs.FilePath;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import upahead.server.platform.backups.BackupFolder;

/** Data files that are not what they should be: nothing is written to them, and one sentence says what to do. */
class DataFileTest {

    @TempDir
    Path data;

    private Path file;
    private String url;

    @BeforeEach
    void someData() throws SQLException {
        FilePath.register(new DurableFiles());
        file = data.resolve("up-ahead.mv.db");
        url = "jdbc:h2:durable:" + data.resolve("up-ahead") + ";WRITE_DELAY=0;DB_CLOSE_ON_EXIT=FALSE";
        try (Connection connection = DriverManager.getConnection(url, "up-ahead", "")) {
            connection.createStatement().execute("create table turn (taken bigint)");
            connection.createStatement().execute("insert into turn values (7)");
        }
        dataFile(data).confirmed().confirm(7);
    }

    @Test
    void wholeDataAreTaken() {
        assertThatCode(this::check).doesNotThrowAnyException();
    }

    @Test
    void whatIsLookedAtAheadIsOpenUntilItIsLetGo() throws SQLException {
        DataFile ahead = dataFile(data);
        ahead.checkAhead(url, "up-ahead", "");
        ahead.check(url, "up-ahead", "");
        try (Connection beside = DriverManager.getConnection(url, "up-ahead", "")) {
            ahead.letGo();
            assertThat(beside.isValid(1)).isTrue();
        }
        ahead.letGo();
    }

    @Test
    void whatIsFoundAheadIsSaidWhereTheFileIsWanted() throws IOException {
        Files.writeString(file, "no database");
        DataFile ahead = dataFile(data);
        ahead.checkAhead(url, "up-ahead", "");
        assertThatThrownBy(() -> ahead.check(url, "up-ahead", ""))
                .isInstanceOf(CannotStart.class)
                .hasMessageContaining("is damaged or not one of this program");
    }

    @Test
    void anEmptyFolderIsTaken() throws IOException {
        Files.delete(file);
        Files.delete(data.resolve("up-ahead.confirmed"));
        assertThatCode(this::check).doesNotThrowAnyException();
    }

    @Test
    void aFolderThatCannotBeMadeIsNamed() throws IOException {
        Path inTheWay = Files.writeString(data.resolve("in-the-way"), "a file");
        assertThatThrownBy(() -> dataFile(inTheWay.resolve("data")).check(url, "up-ahead", ""))
                .isInstanceOf(CannotStart.class)
                .hasMessageContaining("cannot be made");
    }

    @Test
    void anEmptyFileIsDamagedAndStaysAsItIs() throws IOException {
        Files.write(file, new byte[0]);
        assertThatThrownBy(this::check).hasMessageContaining("is empty: it is damaged");
        assertThat(file).isEmptyFile();
    }

    @Test
    void aForeignFileIsRefused() throws IOException {
        Files.writeString(file, "a letter to the bank");
        assertThatThrownBy(this::check).hasMessageContaining("not one of this program");
        assertThat(file).hasContent("a letter to the bank");
    }

    @Test
    void aFileCutInHalfIsRefused() throws IOException {
        byte[] whole = Files.readAllBytes(file);
        byte[] half = Arrays.copyOf(whole, whole.length / 2);
        Files.write(file, half);
        assertThatThrownBy(this::check).isInstanceOf(CannotStart.class).hasMessageContaining("damaged");
    }

    @Test
    void anOlderCopyIsRefusedUnlessItIsMeant() {
        dataFile(data).confirmed().confirm(9);
        assertThatThrownBy(this::check)
                .hasMessageContaining("lacks the last 2 changes that were confirmed")
                .hasMessageContaining("up-ahead.confirmed");
        data.resolve("up-ahead.confirmed").toFile().delete();
        assertThatCode(this::check).doesNotThrowAnyException();
    }

    @Test
    void dataThatAreGoneAreNotBegunAnew() throws IOException {
        Files.delete(file);
        assertThatThrownBy(this::check).hasMessageContaining("is missing");
        assertThat(file).doesNotExist();
    }

    @Test
    void twoProgramsDoNotUseTheSameData() throws SQLException {
        FilePath.register(new AnotherProgramsFiles());
        String other = "jdbc:h2:another:" + data.resolve("up-ahead");
        try (Connection first = DriverManager.getConnection(other, "up-ahead", "")) {
            assertThat(first.isValid(1)).isTrue();
            assertThatThrownBy(this::check).hasMessageContaining("another program is using the data");
        }
    }

    @Test
    void theNewestGoodBackupIsNamedWhereTheDataAreDamaged() throws IOException {
        Files.writeString(file, "a letter to the bank");
        assertThatThrownBy(this::check).hasMessageContaining("There is no good backup in " + data.resolve("backups"));
        BackupFolder backups = backups(data);
        LocalDateTime night = LocalDateTime.of(2027, 4, 26, 1, 30);
        backups.keep(backups.begin(), night, true, "");
        backups.keep(backups.begin(), night.plusDays(1), false, "cut off");
        assertThatThrownBy(this::check)
                .hasMessageContaining("To take the newest good backup in to an empty folder: ./up-ahead restore "
                        + data.resolve("backups").resolve("up-ahead-2027-04-26-013000.zip"));
    }

    private static DataFile dataFile(Path data) {
        return new DataFile(data, backups(data));
    }

    private static BackupFolder backups(Path data) {
        return new BackupFolder(data.resolve("backups"));
    }

    private void check() {
        dataFile(data).check(url, "up-ahead", "");
    }

    /** The same files under another name, so that the database takes them for those of another program. */
    public static class AnotherProgramsFiles extends DurableFiles {
        @Override
        public String getScheme() {
            return "another";
        }
    }
}
