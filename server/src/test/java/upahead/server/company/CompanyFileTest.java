package upahead.server.company;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.jdbc.DataSourceBuilder;
import org.springframework.security.access.AccessDeniedException;
import upahead.server.Somebody;
import upahead.server.TestDatabases;
import upahead.server.WithDemo;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.sql.CannotStart;
import upahead.server.platform.sql.DatabaseKind;
import upahead.server.platform.sql.Scripts;

/** A company written into one file and taken in again by an empty program. */
@WithDemo
class CompanyFileTest {

    @Autowired
    private CompanyCopies copies;

    @Autowired
    private DataSource database;

    @Autowired
    private Scripts scripts;

    @Autowired
    private CurrentUser user;

    @TempDir
    Path folder;

    private Path file;

    @BeforeEach
    void write() throws IOException {
        Path written = user.actAs(Somebody.ADMINISTRATOR, copies::take);
        file = Files.move(written, folder.resolve("company.zip"));
    }

    @Test
    void everyRowComesInAgainAsItWas() throws SQLException {
        Flyway empty = empty();
        new CompanyTakenIn(empty).from(file);
        empty.migrate();
        Map<String, List<String>> before = contents(database);
        assertThat(before).containsKeys("person", "posted_line", "document").doesNotContainKey("password_link");
        Map<String, List<String>> after = contents(empty.getConfiguration().getDataSource());
        assertThat(after.keySet()).isEqualTo(before.keySet());
        assertThat(after).allSatisfy((table, rows) -> assertThat(rows).isEqualTo(before.get(table)));
    }

    @Test
    void newRowsAreNumberedAfterThoseTakenIn() throws SQLException {
        Flyway empty = empty();
        new CompanyTakenIn(empty).from(file);
        DataSource taken = empty.getConfiguration().getDataSource();
        try (Connection connection = taken.getConnection();
                Statement statement = connection.createStatement()) {
            statement.execute("insert into team (name) values ('A new team')");
            try (ResultSet rows = statement.executeQuery("select count(*), count(distinct id) from team")) {
                rows.next();
                assertThat(rows.getInt(1)).isEqualTo(rows.getInt(2));
            }
            assertThatThrownBy(() -> statement.execute("update person_fte set person_id = -person_id"))
                    .as("rows are held together as before")
                    .hasMessageMatching("(?s).*(Referential integrity|foreign key) constraint.*");
        }
    }

    @Test
    void linksAndMailStayOut() throws IOException {
        try (ZipFile zip = new ZipFile(file.toFile())) {
            assertThat(zip.getEntry("tables/password_link.csv")).isNull();
            assertThat(zip.getEntry("tables/mail_message.csv")).isNull();
            String description =
                    new String(zip.getInputStream(zip.getEntry("company.json")).readAllBytes(), StandardCharsets.UTF_8);
            assertThat(description).contains("\"password_link\"").contains("\"format\" : \"up-ahead company\"");
        }
    }

    @Test
    void dataThatAreThereAreNotTouched() {
        assertThatThrownBy(() -> new CompanyTakenIn(scripts.flyway()).from(file))
                .isInstanceOf(CannotStart.class)
                .hasMessage("there are data in this folder already; a company is taken in to an empty one.");
    }

    @Test
    void ofAChangedFileNothingIsTakenIn() throws Exception {
        Path changed = rewritten("tables/person.csv", text -> text.replaceFirst("Kerensa", "Kerenza"));
        refused(changed, "the table person in " + changed + " is not as it was written; nothing was taken in.");
    }

    @Test
    @Tag(TestDatabases.ON_SERVER)
    void aServerTakesNoFileFromBeforeThereWereServers() throws Exception {
        Path earlier =
                rewritten("company.json", text -> text.replaceFirst("\"schema\" : \"\\d+\"", "\"schema\" : \"20\""));
        refused(
                earlier,
                "the file " + earlier + " was written by an earlier version of the program, from before there were"
                        + " servers; take it in to an empty folder with --data DIR, then move that to the server.");
    }

    @Test
    void whatIsNoneOfThisProgramIsRefused() throws Exception {
        Path later =
                rewritten("company.json", text -> text.replaceFirst("\"schema\" : \"\\d+\"", "\"schema\" : \"9999\""));
        refused(later, "the file " + later + " was written by a later version of the program.");
        Path other = rewritten("company.json", text -> text.replaceFirst("up-ahead company", "something else"));
        refused(other, "the file " + other + " is none of a company.");
    }

    @Test
    void ofAFileThatWasCutOffNothingIsTakenIn() throws Exception {
        byte[] whole = Files.readAllBytes(file);
        Path cut = folder.resolve("cut.zip");
        Files.write(cut, Arrays.copyOf(whole, whole.length / 2));
        refused(cut, "the file " + cut + " is damaged or none of a company; nothing was taken in.");
    }

    @Test
    void onlyAnAdministratorTakesACopy() {
        assertThatThrownBy(() -> user.actAs(Somebody.approver(4), copies::take))
                .isInstanceOf(AccessDeniedException.class);
    }

    private void refused(Path other, String message) throws SQLException {
        Flyway empty = empty();
        assertThatThrownBy(() -> new CompanyTakenIn(empty).from(other))
                .isInstanceOf(CannotStart.class)
                .hasMessage(message);
        assertThat(contents(empty.getConfiguration().getDataSource())).isEmpty();
    }

    /** The file with one of its entries changed. */
    private Path rewritten(String changed, UnaryOperator<String> change) throws IOException {
        Path other = folder.resolve("other.zip");
        try (ZipFile zip = new ZipFile(file.toFile());
                ZipOutputStream out = new ZipOutputStream(Files.newOutputStream(other))) {
            for (ZipEntry entry : zip.stream().toList()) {
                out.putNextEntry(new ZipEntry(entry.getName()));
                byte[] content = zip.getInputStream(entry).readAllBytes();
                String text = new String(content, StandardCharsets.UTF_8);
                out.write(
                        entry.getName().equals(changed)
                                ? change.apply(text).getBytes(StandardCharsets.UTF_8)
                                : content);
                out.closeEntry();
            }
        }
        return other;
    }

    private Flyway empty() {
        String url = TestDatabases.empty();
        DataSource nothing =
                DataSourceBuilder.create().url(url).username("up-ahead").build();
        return new Scripts(nothing, DatabaseKind.at(url)).flyway();
    }

    /** All rows of each table, but for the count of writers, which every test raises. */
    private static Map<String, List<String>> contents(DataSource source) throws SQLException {
        Map<String, List<String>> contents = new TreeMap<>();
        try (Connection connection = source.getConnection();
                Statement statement = connection.createStatement()) {
            for (String table : Tables.without(connection, CompanyFile.LEFT_OUT).keySet()) {
                List<String> rows = new ArrayList<>();
                try (ResultSet all = statement.executeQuery(
                        "select * from " + DatabaseKind.of(connection).quoted(table))) {
                    int columns = all.getMetaData().getColumnCount();
                    while (all.next()) {
                        StringBuilder row = new StringBuilder();
                        for (int at = 1; at <= columns; at++) {
                            row.append(all.getString(at)).append('|');
                        }
                        rows.add(row.toString());
                    }
                }
                Collections.sort(rows);
                contents.put(table, rows);
            }
        }
        contents.remove("turn");
        return contents;
    }
}
