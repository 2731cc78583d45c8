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
import org.flywaydb.core.api.FlywayException;
import org.flywaydb.core.api.MigrationInfoService;
import org.springframework.beans.factory.InitializingBean;

/**
 * Brings the tables of an earlier program up to date, or leaves them as they were: of a file a copy is put aside first and
 * put back where a script fails or the program ends in between; a server takes all scripts back by itself.
 */
final class Upgrade implements InitializingBean {

    private final HikariDataSource database;
    private final Scripts scripts;
    private final FirstContent content;
    private final DataFile file;

    /**
     * @param content comes first
     * @param file null where the data lie in no file of their own
     */
    Upgrade(HikariDataSource database, Scripts scripts, FirstContent content, DataFile file) {
        this.database = database;
        this.scripts = scripts;
        this.content = content;
        this.file = file;
    }

    /**
     * Brings them up to date, or makes them.
     *
     * @throws CannotStart if a script fails or the data are of a later program; then nothing is changed
     */
    @Override
    public void afterPropertiesSet() throws SQLException {
        content.into(scripts);
        if (file == null) {
            run();
            return;
        }
        // others hold it by now
        database.getConnection().close();
        file.letGo();
        if (!file.isKnownToBeUpToDate()) {
            run();
        }
    }

    private void run() {
        MigrationInfoService all = scripts.flyway().info();
        if (Scripts.someAreOfALaterProgram(all)) {
            throw new CannotStart(
                    "the data are of a later version of the program than this one, which would not know all of"
                            + " them; start the later one. Nothing was changed.");
        }
        boolean older = all.current() != null && all.pending().length > 0;
        boolean copied = older && file != null;
        try {
            if (copied) {
                putAside(file.beforeUpgrade());
            }
            scripts.flyway().migrate();
            if (copied) {
                Files.deleteIfExists(file.beforeUpgrade());
            }
        } catch (FlywayException | SQLException | IOException failed) {
            if (copied) {
                database.close();
                file.undoUpgrade();
            }
            throw new CannotStart(
                    (older
                                    ? "the data could not be brought up to date and are as they were; the program they are of"
                                            + " still runs on them."
                                    : "the tables could not be made, or are not as this program makes them.")
                            + " What was in the way: "
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
