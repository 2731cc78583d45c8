package upahead.server.company;

import java.io.IOException;
import java.io.OutputStreamWriter;
import java.io.UncheckedIOException;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import javax.sql.DataSource;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.springframework.jdbc.datasource.DataSourceUtils;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Isolation;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.platform.audit.Thing;
import upahead.server.platform.files.CsvFile;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.platform.sql.DatabaseKind;

/** All that is kept about one person, as they may ask for it: a zip of plain tables, and documents as files. */
@Service
public class PersonCopies {

    private static final String TRAIL = "audit_record";

    private static final String WORDS =
            """
            What Up Ahead keeps about %s.

            Each file of the folder tables is one kind of thing: the person, where they worked, hours, requests, what was
            earned and taken, what was posted in pay runs, statements, pay rates, mail and notices, and what the audit
            trail says of them. The first line names the columns. Documents and other files lie in the folder files, under
            the names that stand in the tables. Passwords and other secrets are kept as marks that say nothing, and are not
            in it.
            """;

    private final DataSource database;

    PersonCopies(DataSource database) {
        this.database = database;
    }

    /**
     * Takes a copy; who took it is noted where it leaves the program.
     *
     * @return a file that whoever asked for it deletes
     * @throws UncheckedIOException if there is no room for it
     * @throws Refusal if there is no such person
     */
    @May(Permission.KEEP_THE_COMPANY)
    @Transactional(readOnly = true, isolation = Isolation.SERIALIZABLE)
    public Path take(long personId) {
        Connection connection = DataSourceUtils.getConnection(database);
        try {
            Path file = Files.createTempFile("person", ".zip");
            try (ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(file), StandardCharsets.UTF_8)) {
                write(connection, personId, zip);
                return file;
            } catch (IOException | SQLException | RuntimeException failed) {
                Files.deleteIfExists(file);
                throw failed;
            }
        } catch (IOException full) {
            throw new UncheckedIOException(full);
        } catch (SQLException failed) {
            throw new IllegalStateException("what is kept of a person cannot be read", failed);
        } finally {
            DataSourceUtils.releaseConnection(connection, database);
        }
    }

    private static void write(Connection connection, long personId, ZipOutputStream zip)
            throws SQLException, IOException {
        Map<String, List<String>> columns = Tables.without(connection, CompanyFile.NEVER_WRITTEN);
        List<Map.Entry<String, byte[]>> files = new ArrayList<>();
        String name = name(connection, personId);
        zip.putNextEntry(new ZipEntry("read-me.txt"));
        zip.write(WORDS.formatted(name).getBytes(StandardCharsets.UTF_8));
        zip.closeEntry();
        for (Map.Entry<String, String> each : AboutPerson.told(connection).entrySet()) {
            String table = each.getKey();
            write(connection, table, AboutPerson.told(columns.get(table)), each.getValue(), personId, zip, files);
        }
        DatabaseKind kind = DatabaseKind.of(connection);
        String ofTheTrail =
                kind.quoted("subject") + " = '" + Thing.PERSON.words() + "' and " + kind.quoted("subject_id") + " = ?";
        write(connection, TRAIL, columns.get(TRAIL), ofTheTrail, personId, zip, files);
        for (Map.Entry<String, byte[]> file : files) {
            zip.putNextEntry(new ZipEntry(file.getKey()));
            zip.write(file.getValue());
            zip.closeEntry();
        }
    }

    private static String name(Connection connection, long personId) throws SQLException {
        try (PreparedStatement statement = connection.prepareStatement("select name from person where id = ?")) {
            statement.setLong(1, personId);
            try (ResultSet row = statement.executeQuery()) {
                if (!row.next()) {
                    throw Refusal.notFound("person");
                }
                return row.getString(1);
            }
        }
    }

    private static void write(
            Connection connection,
            String table,
            List<String> columns,
            String condition,
            long personId,
            ZipOutputStream zip,
            List<Map.Entry<String, byte[]>> files)
            throws SQLException, IOException {
        String select = Filling.select(DatabaseKind.of(connection), table, columns, List.of());
        try (PreparedStatement statement = connection.prepareStatement(select + " where " + condition)) {
            statement.setLong(1, personId);
            try (ResultSet rows = statement.executeQuery()) {
                if (!rows.next()) {
                    return;
                }
                zip.putNextEntry(new ZipEntry("tables/" + table + ".csv"));
                Writer writer = new OutputStreamWriter(zip, StandardCharsets.UTF_8);
                CSVPrinter csv = new CSVPrinter(writer, CSVFormat.EXCEL);
                csv.printRecord(columns);
                int at = 0;
                do {
                    csv.printRecord(row(rows, table + "-" + ++at, columns, files));
                } while (rows.next());
                csv.flush();
                zip.closeEntry();
            }
        }
    }

    private static List<String> row(
            ResultSet row, String name, List<String> columns, List<Map.Entry<String, byte[]>> files)
            throws SQLException {
        List<String> cells = new ArrayList<>();
        for (int at = 1; at <= columns.size(); at++) {
            byte[] bytes = Cells.bytes(row.getObject(at));
            if (bytes == null) {
                cells.add(CsvFile.cell(Cells.text(row.getObject(at))));
            } else {
                String file = "files/" + name + ending(bytes);
                files.add(Map.entry(file, bytes));
                cells.add(file);
            }
        }
        return cells;
    }

    /** Documents are PDF files or pictures. */
    private static String ending(byte[] bytes) {
        String beginning = new String(bytes, 0, Math.min(bytes.length, 8), StandardCharsets.ISO_8859_1);
        return beginning.startsWith("%PDF") ? ".pdf" : beginning.contains("PNG") ? ".png" : ".jpg";
    }
}
