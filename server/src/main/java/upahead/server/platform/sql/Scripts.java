package upahead.server.platform.sql;

import java.util.ServiceLoader;
import java.util.stream.Stream;
import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationInfoService;
import org.flywaydb.core.api.MigrationState;
import org.flywaydb.core.api.migration.JavaMigration;

/**
 * The scripts that make the tables and change those of earlier programs. Read when they are first asked for: a start on
 * data that are up to date does without.
 */
public final class Scripts {

    private final DataSource database;
    private final DatabaseKind kind;
    private Flyway read;

    /**
     * @param database on which they are run
     * @param kind each has scripts of its own as far as there have to be, and names of tables as it writes them
     */
    public Scripts(DataSource database, DatabaseKind kind) {
        this.database = database;
        this.kind = kind;
    }

    /** What runs them. */
    public synchronized Flyway flyway() {
        if (read == null) {
            read = Flyway.configure()
                    .dataSource(database)
                    .locations(kind.migrations().toArray(String[]::new))
                    // all of them or none, where none has been run by an earlier program
                    .group(!kind.hasEarlierData())
                    .javaMigrations(kind.hasEarlierData() ? ofEarlierData() : new JavaMigration[0])
                    .load();
        }
        return read;
    }

    private static JavaMigration[] ofEarlierData() {
        return ServiceLoader.load(JavaMigration.class).stream()
                .map(ServiceLoader.Provider::get)
                .toArray(JavaMigration[]::new);
    }

    /** The version of the tables. */
    public String version() {
        return flyway().info().current().getVersion().getVersion();
    }

    /** Whether each of them has been run as it is now, and no other. */
    boolean haveAllBeenRun() {
        return flyway().validateWithResult().validationSuccessful && !someAreOfALaterProgram(flyway().info());
    }

    /** Whether scripts have been run that this program does not have yet. */
    static boolean someAreOfALaterProgram(MigrationInfoService all) {
        return Stream.of(all.applied()).anyMatch(script -> script.getState() == MigrationState.FUTURE_SUCCESS);
    }
}
