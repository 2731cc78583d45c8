package upahead.server.company;

import java.io.IOException;
import java.io.OutputStreamWriter;
import java.io.UncheckedIOException;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.DigestOutputStream;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import javax.sql.DataSource;
import org.apache.commons.csv.CSVPrinter;
import org.springframework.jdbc.datasource.DataSourceUtils;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Isolation;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.company.CompanyFile.Description;
import upahead.server.company.CompanyFile.TableDescription;
import upahead.server.platform.sql.Scripts;

/** Writes everything a company has into one file, as it is at one moment. */
@Component
public class CompanyExport {

    private final DataSource database;
    private final Scripts scripts;

    CompanyExport(DataSource database, Scripts scripts) {
        this.database = database;
        this.scripts = scripts;
    }

    /**
     * Writes what another program begins with; what others store meanwhile is not in it.
     *
     * @param file overwritten where it exists, deleted where it cannot be finished
     * @throws UncheckedIOException if there is no room for it
     */
    @Transactional(readOnly = true, isolation = Isolation.SERIALIZABLE)
    void writeCompany(Path file) {
        write(file, CompanyFile.LEFT_OUT);
    }

    /**
     * Writes all that the database holds, as a backup has to; what others store meanwhile is not in it.
     *
     * @param file overwritten where it exists, deleted where it cannot be finished
     * @throws UncheckedIOException if there is no room for it
     */
    @Transactional(readOnly = true, isolation = Isolation.SERIALIZABLE)
    public void writeAll(Path file) {
        write(file, CompanyFile.NEVER_WRITTEN);
    }

    private void write(Path file, Set<String> leftOut) {
        Connection connection = DataSourceUtils.getConnection(database);
        try {
            try (ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(file), StandardCharsets.UTF_8)) {
                List<TableDescription> tables = new ArrayList<>();
                for (Map.Entry<String, List<String>> table :
                        Tables.without(connection, leftOut).entrySet()) {
                    tables.add(write(connection, table.getKey(), table.getValue(), zip));
                }
                zip.putNextEntry(new ZipEntry(CompanyFile.DESCRIPTION));
                zip.write(CompanyFile.JSON.writeValueAsBytes(new Description(
                        CompanyFile.FORMAT,
                        scripts.version(),
                        LocalDateTime.now().truncatedTo(ChronoUnit.SECONDS).toString(),
                        tables,
                        leftOut)));
                zip.closeEntry();
            }
        } catch (IOException failed) {
            file.toFile().delete();
            throw new UncheckedIOException(failed);
        } catch (SQLException failed) {
            file.toFile().delete();
            throw new IllegalStateException("the company cannot be read", failed);
        } finally {
            DataSourceUtils.releaseConnection(connection, database);
        }
    }

    private static TableDescription write(
            Connection connection, String table, List<String> columns, ZipOutputStream zip)
            throws SQLException, IOException {
        zip.putNextEntry(new ZipEntry(CompanyFile.entry(table)));
        DigestOutputStream digest = new DigestOutputStream(zip, CompanyFile.sha256());
        Writer writer = new OutputStreamWriter(digest, StandardCharsets.UTF_8);
        CSVPrinter csv = new CSVPrinter(writer, CompanyFile.CSV);
        csv.printRecord(columns);
        long[] rows = new long[1];
        Tables.read(connection, table, columns, cells -> {
            csv.printRecord(cells);
            rows[0]++;
        });
        csv.flush();
        zip.closeEntry();
        return new TableDescription(
                table,
                columns,
                rows[0],
                HexFormat.of().formatHex(digest.getMessageDigest().digest()));
    }
}
