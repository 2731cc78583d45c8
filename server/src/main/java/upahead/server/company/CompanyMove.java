package upahead.server.company;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationInfo;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import upahead.server.platform.sql.CannotStart;
import upahead.server.platform.sql.DataFile;

/**
 * Copies all that is in a data file to another database, in one transaction, and reads it there again: every table says
 * the same on both sides, or nothing stays. The file is only read.
 */
final class CompanyMove {

    private static final Logger LOG = LoggerFactory.getLogger(CompanyMove.class);
    private static final int ROWS_AT_ONCE = 1_000;
    private static final byte END_OF_CELL = 0;
    private static final byte UNKNOWN = 1;

    private final Flyway flyway;

    CompanyMove(Flyway flyway) {
        this.flyway = flyway;
    }

    /**
     * Moves a company.
     *
     * @param folder with its data file, which no program uses
     * @throws CannotStart if there are data where it is moved to, or the file is damaged, in use or of another version
     */
    void from(Path folder) {
        try (Connection source = DataFile.reading(folder);
                Connection target = flyway.getConfiguration().getDataSource().getConnection()) {
            requireSameVersion(source, folder);
            requireNobody(target);
            flyway.migrate();
            copy(source, target);
        } catch (SQLException | IOException failed) {
            throw new CannotStart("what is in " + folder + " could not be copied: " + failed.getMessage(), failed);
        }
    }

    private void requireSameVersion(Connection source, Path folder) throws SQLException {
        MigrationInfo[] all = flyway.info().all();
        String own = all[all.length - 1].getVersion().getVersion();
        String there = first(
                source, "select \"version\" from \"flyway_schema_history\" order by \"installed_rank\" desc limit 1");
        if (!own.equals(there)) {
            throw new CannotStart("the data in " + folder + " are of version " + there + " and the program of version "
                    + own + "; start the program with --data " + folder + " once, then move them.");
        }
    }

    /** A move that was cut short leaves tables in which nothing was ever changed. */
    private void requireNobody(Connection target) throws SQLException {
        if (flyway.info().current() != null && !"0".equals(first(target, "select taken from turn"))) {
            throw new CannotStart("there are data at this address already; a company is moved to an empty database.");
        }
    }

    private static String first(Connection connection, String question) throws SQLException {
        try (Statement statement = connection.createStatement();
                ResultSet answer = statement.executeQuery(question)) {
            answer.next();
            return answer.getString(1);
        }
    }

    private static void copy(Connection source, Connection target) throws SQLException, IOException {
        Map<String, List<String>> tables = Tables.everything(source);
        Filling filling = Filling.begin(target);
        List<byte[]> sums = new ArrayList<>();
        for (Map.Entry<String, List<String>> table : tables.entrySet()) {
            filling.empty(table.getKey());
            sums.add(copy(source, table.getKey(), table.getValue(), filling));
        }
        int at = 0;
        for (Map.Entry<String, List<String>> table : tables.entrySet()) {
            if (!Arrays.equals(sums.get(at++), sum(target, table.getKey(), table.getValue()))) {
                throw new CannotStart("the table " + table.getKey()
                        + " does not say the same after it was copied; nothing was moved.");
            }
        }
        filling.finish(tables.keySet());
        LOG.info("{} tables were copied, and say the same on both sides", tables.size());
    }

    private static byte[] copy(Connection source, String table, List<String> columns, Filling filling)
            throws SQLException, IOException {
        Summed summed = new Summed();
        try (PreparedStatement insert = filling.insert(table, columns)) {
            Cells row = Cells.of(insert, filling.kind());
            int[] waiting = new int[1];
            Tables.read(source, table, columns, cells -> {
                summed.add(cells);
                row.bind(cells);
                insert.addBatch();
                if (++waiting[0] % ROWS_AT_ONCE == 0) {
                    insert.executeBatch();
                }
            });
            insert.executeBatch();
        }
        return summed.sum();
    }

    private static byte[] sum(Connection connection, String table, List<String> columns)
            throws SQLException, IOException {
        Summed summed = new Summed();
        Tables.read(connection, table, columns, summed::add);
        return summed.sum();
    }

    /** What stands in rows, in one number. */
    private static final class Summed {

        private final MessageDigest digest = CompanyFile.sha256();

        void add(List<String> cells) {
            for (String cell : cells) {
                if (cell == null) {
                    digest.update(UNKNOWN);
                } else {
                    digest.update(cell.getBytes(StandardCharsets.UTF_8));
                }
                digest.update(END_OF_CELL);
            }
        }

        byte[] sum() {
            return digest.digest();
        }
    }
}
