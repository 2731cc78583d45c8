package upahead.server.platform.sql;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Arrays;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import org.flywaydb.core.api.FlywayException;
import org.h2.store.fs.FilePath;
import org.springframework.jdbc.datasource.SingleConnectionDataSource;
import upahead.server.platform.backups.BackupFolder;
import upahead.server.platform.starting.Beside;

/** The file with the company's data, looked at before anything is done with it: a damaged one is never written to. */
public final class DataFile {

    static {
        FilePath.register(new DurableFiles());
    }

    private static final String NAME = "up-ahead";
    private static final String USER = "up-ahead";
    private static final String ENDING = ".mv.db";
    private static final byte[] BEGINNING = "H:2,".getBytes(StandardCharsets.US_ASCII);
    private static final Set<Integer> IN_USE = Set.of(90020, 8000);
    private static final int NO_SUCH_TABLE = 42102;
    private static final int NO_TABLE_IN_AN_EMPTY_DATABASE = 42104;
    private static final int WRONG_USER = 28000;

    private final Path path;
    private final ConfirmedCount confirmed;
    private final BackupFolder backups;
    /** What it was looked at with, until the next one is made; null before and after. */
    private Connection first;
    /** Looking at it, where that was begun ahead; null otherwise. */
    private CompletableFuture<Void> ahead;
    /** Whether that showed that no script is left to be run. */
    private boolean upToDate;

    /**
     * @param data the folder; it need not exist
     * @param backups of what is in it
     */
    DataFile(Path data, BackupFolder backups) {
        this.backups = backups;
        this.path = data.resolve(NAME + ENDING);
        this.confirmed = new ConfirmedCount(data.resolve(NAME + ".confirmed"));
    }

    /**
     * Opens the file of a folder to be read, once it is known to be whole and ours.
     *
     * @throws CannotStart if there is none, or it is damaged or in use
     */
    public static Connection reading(Path folder) throws SQLException {
        Path data = folder.toAbsolutePath().normalize();
        DataFile file = new DataFile(data, new BackupFolder(data.resolve("backups")));
        if (!Files.exists(file.path)) {
            throw new CannotStart("there are no data in " + folder + ".");
        }
        String url = DatabaseConfiguration.OWN_FILE + file.path.getParent().resolve(NAME);
        file.check(url, USER, "");
        file.letGo();
        return DriverManager.getConnection(url + ";IFEXISTS=TRUE;ACCESS_MODE_DATA=r", USER, "");
    }

    ConfirmedCount confirmed() {
        return confirmed;
    }

    /** Where a copy is put aside while the file is brought up to date. */
    Path beforeUpgrade() {
        return path.resolveSibling(NAME + ".before-upgrade.zip");
    }

    /**
     * Puts the copy of before an upgrade back, where there is one; nobody has the file open.
     *
     * @throws CannotStart if it cannot be put back
     */
    void undoUpgrade() {
        if (Files.exists(beforeUpgrade())) {
            try {
                Upgrade.putBack(beforeUpgrade(), path);
            } catch (IOException failed) {
                throw new CannotStart(
                        "an upgrade was cut short, and the data of before, in " + beforeUpgrade()
                                + ", cannot be put back: " + failed.getMessage(),
                        failed);
            }
        }
    }

    /**
     * Lets the file go that was looked at, for whoever opens it next or has opened it; nothing where it is let go.
     *
     * @throws CannotStart if it does not let itself be closed
     */
    void letGo() {
        if (ahead != null) {
            ahead.exceptionally(refused -> null).join();
        }
        if (first != null) {
            try {
                first.close();
            } catch (SQLException failed) {
                throw new CannotStart("the data file cannot be let go: " + failed.getMessage(), failed);
            }
            first = null;
        }
    }

    /** Begins to look at it, as {@link #check} does, which then waits for the outcome. */
    void checkAhead(String url, String user, String password) {
        ahead = CompletableFuture.runAsync(() -> {
            look(url, user, password);
            upToDate = first != null && haveAllScriptsBeenRun();
        });
    }

    private boolean haveAllScriptsBeenRun() {
        try {
            return new Scripts(new SingleConnectionDataSource(first, true), DatabaseKind.FILE).haveAllBeenRun();
        } catch (FlywayException notRead) {
            // whoever runs them says why
            return false;
        }
    }

    /** Whether it was looked at ahead, and no script is left to be run on it; only once {@link #check checked}. */
    boolean isKnownToBeUpToDate() {
        return upToDate;
    }

    /**
     * Makes sure that the file is whole and ours, and that nobody else uses it. A file that is there stays open until it is
     * {@link #letGo() let go}, so that it is not opened twice.
     *
     * @param url under which it is opened
     * @throws CannotStart if not
     */
    void check(String url, String user, String password) {
        if (ahead == null) {
            look(url, user, password);
            return;
        }
        Beside.await(ahead);
    }

    private void look(String url, String user, String password) {
        Path folder = path.getParent();
        try {
            Files.createDirectories(folder);
        } catch (IOException refused) {
            throw new CannotStart("the folder " + folder + " cannot be made; choose another with --data DIR.", refused);
        }
        if (!Files.isWritable(folder) || (Files.exists(path) && !Files.isWritable(path))) {
            throw new CannotStart("the data in " + folder + " cannot be written to; check the folder's permissions.");
        }
        undoUpgrade();
        if (Files.exists(path)) {
            checkBeginning();
            checkContent(url, user, password);
        } else if (confirmed.exists()) {
            throw new CannotStart("the data file " + path + " is missing, though " + confirmed.path()
                    + " says that there was one; put it back, or delete that file to begin anew." + newestGood());
        }
    }

    private void checkBeginning() {
        try (InputStream file = Files.newInputStream(path)) {
            byte[] beginning = file.readNBytes(BEGINNING.length);
            if (beginning.length == 0) {
                throw new CannotStart("the data file " + path + " is empty: it is damaged." + newestGood());
            }
            if (!Arrays.equals(beginning, BEGINNING)) {
                throw new CannotStart("the file " + path
                        + " is damaged or not one of this program; nothing was changed in it." + newestGood());
            }
        } catch (IOException unreadable) {
            throw new CannotStart("the data file " + path + " cannot be read.", unreadable);
        }
    }

    private void checkContent(String url, String user, String password) {
        try {
            Connection opened = DriverManager.getConnection(url + ";IFEXISTS=TRUE", user, password);
            try {
                checkCount(opened);
            } catch (SQLException | CannotStart refused) {
                opened.close();
                throw refused;
            }
            first = opened;
        } catch (SQLException refused) {
            if (IN_USE.contains(refused.getErrorCode())) {
                throw new CannotStart(
                        "another program is using the data in " + path.getParent()
                                + "; stop it, or choose another folder with --data DIR.",
                        refused);
            }
            boolean older =
                    refused.getErrorCode() == NO_SUCH_TABLE || refused.getErrorCode() == NO_TABLE_IN_AN_EMPTY_DATABASE;
            if (!older || confirmed.exists()) {
                throw new CannotStart(
                        refused.getErrorCode() == WRONG_USER
                                ? "the file " + path + " is not one of this program."
                                : "the data file " + path + " is damaged." + newestGood(),
                        refused);
            }
        }
    }

    private void checkCount(Connection opened) throws SQLException {
        try (Statement statement = opened.createStatement();
                ResultSet count = statement.executeQuery("select taken from turn")) {
            count.next();
            long missing = confirmed.read() - count.getLong(1);
            if (missing > 0) {
                throw new CannotStart("the data file " + path + " lacks the last " + missing
                        + " changes that were confirmed: it is damaged, or an older copy was put in its place. Put back the"
                        + " right one; if the older copy is meant, delete " + confirmed.path() + " first."
                        + newestGood());
            }
        }
    }

    /** What to put in its place. */
    private String newestGood() {
        return backups.newestGood()
                .map(newest -> " To take the newest good backup in to an empty folder: ./up-ahead restore "
                        + backups.file(newest) + " --data FOLDER")
                .orElse(" There is no good backup in " + backups.path() + ".");
    }
}
