package upahead.server.platform.sql;

import com.zaxxer.hikari.HikariDataSource;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.zip.ZipFile;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.FlywayException;
import org.flywaydb.core.api.MigrationInfoService;

/**
 * Brings the tables of an earlier program up to date, or leaves them as they were: of a file a copy is put aside first and
 * put back where a script fails or the program ends in between; a server takes all scripts back by itself.
 */
public final class Upgrade {

    private final HikariDataSource database;
    private final DataFile file;

    /**
     * @param file null where the data lie in no file of their own
     */
    Upgrade(HikariDataSource database, DataFile file) {
        this.database = database;
        this.file = file;
    }

    /**
     * Brings them up to date, or makes them.
     *
     * @throws CannotStart if a script fails; then nothing is changed
     */
    public void run(Flyway flyway) {
        MigrationInfoService scripts = flyway.info();
        if (file != null) {
            // others hold it by now
            file.letGo();
        }
        boolean older = scripts.current() != null && scripts.pending().length > 0;
        if (!older) {
            flyway.migrate();
            return;
        }
        try {
            if (file != null) {
                putAside(file.beforeUpgrade());
            }
            flyway.migrate();
            if (file != null) {
                Files.deleteIfExists(file.beforeUpgrade());
            }
        } catch (FlywayException | SQLException | IOException failed) {
            if (file != null) {
                database.close();
                file.undoUpgrade();
            }
            throw new CannotStart(
                    "the data could not be brought up to date and are as they were; the program they are of still runs on"
                            + " them. What was in the way: "
                            + failed.getMessage().strip().lines().findFirst().orElse(""),
                    failed);
        }
    }

    /** Complete once it has its name. */
    private void putAside(Path copy) throws SQLException, IOException {
        Path unfinished = copy.resolveSibling(copy.getFileName() + ".unfinished");
        try (Connection connection = database.getConnection();
                Statement statement = connection.createStatement()) {
            statement.execute(DatabaseKind.FILE.copyTo(unfinished));
        }
        Files.move(unfinished, copy, StandardCopyOption.ATOMIC_MOVE);
    }

    /** Puts a copy that was put aside in the place of a data file. */
    static void putBack(Path copy, Path data) throws IOException {
        Path unfinished = data.resolveSibling(data.getFileName() + ".unfinished");
        try (ZipFile zip = new ZipFile(copy.toFile())) {
            Files.copy(
                    zip.getInputStream(zip.entries().nextElement()), unfinished, StandardCopyOption.REPLACE_EXISTING);
        }
        Files.move(unfinished, data, StandardCopyOption.ATOMIC_MOVE);
        Files.delete(copy);
    }
}
