package upahead.server.company;

import com.fasterxml.jackson.core.JsonProcessingException;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.security.DigestInputStream;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.HexFormat;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import javax.sql.DataSource;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationInfo;
import org.flywaydb.core.api.MigrationVersion;
import upahead.server.company.CompanyFile.Description;
import upahead.server.company.CompanyFile.TableDescription;
import upahead.server.platform.sql.CannotStart;
import upahead.server.platform.sql.DatabaseKind;

/**
 * Fills an empty database from a company's file: the tables are made as they were when it was written, filled, checked
 * against each other and only then brought to the program's own version. Whatever is wrong with the file, nothing stays.
 */
final class CompanyTakenIn {

    private static final int ROWS_AT_ONCE = 1_000;

    private final Flyway flyway;
    private final DataSource database;

    CompanyTakenIn(Flyway flyway) {
        this.flyway = flyway;
        this.database = flyway.getConfiguration().getDataSource();
    }

    /**
     * Takes the file in.
     *
     * @throws CannotStart if there are data already, or the file is none of a company, damaged, or of a later version
     */
    void from(Path file) {
        if (flyway.info().current() != null) {
            throw new CannotStart("there are data in this folder already; a company is taken in to an empty one.");
        }
        try {
            takeIn(file);
        } catch (CannotStart refused) {
            forgetAll(refused);
            throw refused;
        }
    }

    private void takeIn(Path file) {
        try (ZipFile zip = new ZipFile(file.toFile(), StandardCharsets.UTF_8)) {
            Description description = description(zip, file);
            requireKnownVersion(description, file);
            fill(zip, file, description);
        } catch (ZipException noZip) {
            throw new CannotStart(damaged(file), noZip);
        } catch (IOException unreadable) {
            throw new CannotStart("the file " + file + " cannot be read.", unreadable);
        } catch (SQLException | IllegalArgumentException refused) {
            throw new CannotStart("what is in " + file + " does not fit together; nothing was taken in.", refused);
        }
    }

    private static Description description(ZipFile zip, Path file) throws IOException {
        ZipEntry entry = zip.getEntry(CompanyFile.DESCRIPTION);
        if (entry == null) {
            throw new CannotStart(
                    "the file " + file + " is none of a company: it has no " + CompanyFile.DESCRIPTION + ".");
        }
        try (InputStream content = zip.getInputStream(entry)) {
            Description description = CompanyFile.JSON.readValue(content, Description.class);
            if (!CompanyFile.FORMAT.equals(description.format())
                    || description.tables() == null
                    || description.leftOut() == null) {
                throw new CannotStart("the file " + file + " is none of a company.");
            }
            return description;
        } catch (JsonProcessingException unreadable) {
            throw new CannotStart(damaged(file), unreadable);
        }
    }

    private void requireKnownVersion(Description description, Path file) {
        MigrationVersion version = MigrationVersion.fromVersion(description.schema());
        List<MigrationVersion> known = Stream.of(flyway.info().all())
                .map(MigrationInfo::getVersion)
                .sorted()
                .toList();
        if (version.compareTo(known.get(0)) < 0) {
            throw new CannotStart(
                    "the file " + file + " was written by an earlier version of the program, from before"
                            + " there were servers; take it in to an empty folder with --data DIR, then move that to the server.");
        }
        if (!known.contains(version)) {
            throw new CannotStart("the file " + file + " was written by a later version of the program.");
        }
    }

    private void fill(ZipFile zip, Path file, Description description) throws SQLException, IOException {
        Flyway.configure()
                .configuration(flyway.getConfiguration())
                .target(description.schema())
                .load()
                .migrate();
        try (Connection connection = database.getConnection()) {
            Map<String, List<String>> tables = Tables.without(connection, description.leftOut());
            requireTables(tables, description, file);
            Filling filling = Filling.begin(connection);
            for (TableDescription table : description.tables()) {
                filling.empty(table.name());
                fill(zip, file, table, filling);
            }
            filling.finish(tables.keySet());
        }
    }

    private static void requireTables(Map<String, List<String>> tables, Description description, Path file) {
        Map<String, List<String>> described = description.tables().stream()
                .collect(Collectors.toMap(TableDescription::name, TableDescription::columns));
        if (!tables.equals(described) || !CompanyFile.LEFT_OUT.containsAll(description.leftOut())) {
            throw new CannotStart("the file " + file + " has other tables than its version " + description.schema()
                    + " has; nothing was taken in.");
        }
    }

    private static void fill(ZipFile zip, Path file, TableDescription table, Filling filling)
            throws SQLException, IOException {
        ZipEntry entry = zip.getEntry(CompanyFile.entry(table.name()));
        if (entry == null) {
            throw new CannotStart(damaged(file));
        }
        DigestInputStream digest = new DigestInputStream(zip.getInputStream(entry), CompanyFile.sha256());
        long rows = 0;
        try (CSVParser csv = CSVParser.parse(new InputStreamReader(digest, StandardCharsets.UTF_8), CompanyFile.CSV);
                PreparedStatement insert = filling.insert(table.name(), table.columns())) {
            Cells row = Cells.of(insert, filling.kind());
            Iterator<CSVRecord> records = csv.iterator();
            if (!records.hasNext() || !records.next().toList().equals(table.columns())) {
                throw new CannotStart(damaged(file));
            }
            while (records.hasNext()) {
                row.bind(records.next().toList());
                insert.addBatch();
                rows++;
                if (rows % ROWS_AT_ONCE == 0) {
                    insert.executeBatch();
                }
            }
            insert.executeBatch();
        }
        String sum = HexFormat.of().formatHex(digest.getMessageDigest().digest());
        if (rows != table.rows() || !sum.equals(table.sha256())) {
            throw new CannotStart(
                    "the table " + table.name() + " in " + file + " is not as it was written; nothing was taken in.");
        }
    }

    private void forgetAll(CannotStart reason) {
        try (Connection connection = database.getConnection();
                Statement statement = connection.createStatement()) {
            for (String each : DatabaseKind.of(connection).forgetAll(Tables.all(connection))) {
                statement.execute(each);
            }
        } catch (SQLException kept) {
            reason.addSuppressed(kept);
        }
    }

    private static String damaged(Path file) {
        return "the file " + file + " is damaged or none of a company; nothing was taken in.";
    }
}
