package upahead.server.company;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.jdbc.datasource.DriverManagerDataSource;
import upahead.server.DemoData;
import upahead.server.TestDatabases;
import upahead.server.WithDemo;
import upahead.server.platform.sql.CannotStart;
import upahead.server.platform.sql.DatabaseKind;
import upahead.server.platform.sql.Scripts;

/** The demo data, moved from their file to a server. */
@Tag(TestDatabases.ON_SERVER)
@WithDemo
class CompanyMoveTest {

    private static final String USER = "up-ahead";

    @TempDir
    private Path temporary;

    private Path folder;
    private Flyway server;

    @BeforeEach
    void copy() {
        folder = temporary.resolve("data");
        DemoData.copyTo(folder);
        String empty = TestDatabases.empty();
        server = new Scripts(new DriverManagerDataSource(empty, USER, ""), DatabaseKind.at(empty)).flyway();
    }

    @Test
    void everythingIsThereAndNumberingGoesOn() throws SQLException {
        new CompanyMove(server).from(folder);
        assertThat(number("select count(*) from person")).isGreaterThan(60);
        assertThat(number("select count(*) from sign_in")).isPositive();
        assertThat(number("select count(*) from demo_day")).isEqualTo(1);
        long highest = number("select max(id) from audit_record");
        assertThat(number("insert into audit_record (at, actor, subject, subject_id, what)"
                        + " values (now(), 'x', 'x', 1, 'x') returning id"))
                .isEqualTo(highest + 1);
    }

    @Test
    void whereThereAreDataNothingIsMoved() throws SQLException {
        new CompanyMove(server).from(folder);
        assertThatThrownBy(() -> new CompanyMove(server).from(folder))
                .isInstanceOf(CannotStart.class)
                .hasMessageContaining("there are data at this address already");
    }

    @Test
    void whatDoesNotFitTogetherLeavesNothingAndCanBeMovedOnceMended() throws SQLException {
        inFile("set referential_integrity false", "update leave_request set person_id = 99999 where id = 1");
        assertThatThrownBy(() -> new CompanyMove(server).from(folder))
                .isInstanceOf(CannotStart.class)
                .hasMessageContaining("could not be copied");
        assertThat(number("select count(*) from person")).isZero();
        inFile("update leave_request set person_id = 27 where id = 1");
        new CompanyMove(server).from(folder);
        assertThat(number("select count(*) from person")).isPositive();
    }

    @Test
    void dataOfAnotherVersionAreBroughtUpToDateFirst() throws SQLException {
        inFile("update \"flyway_schema_history\" set \"version\" = '27.5' where \"installed_rank\" ="
                + " (select max(\"installed_rank\") from \"flyway_schema_history\")");
        assertThatThrownBy(() -> new CompanyMove(server).from(folder))
                .isInstanceOf(CannotStart.class)
                .hasMessageContaining("are of version 27.5 and the program of version")
                .hasMessageContaining("start the program with --data");
    }

    @Test
    void aFolderWithoutDataOrWithADamagedFileIsSaidToBeOne() throws Exception {
        assertThatThrownBy(() -> new CompanyMove(server).from(temporary.resolve("nowhere")))
                .isInstanceOf(CannotStart.class)
                .hasMessageContaining("there are no data in");
        Files.writeString(folder.resolve("up-ahead.mv.db"), "not a database");
        assertThatThrownBy(() -> new CompanyMove(server).from(folder))
                .isInstanceOf(CannotStart.class)
                .hasMessageContaining("damaged");
    }

    private long number(String question) throws SQLException {
        try (Connection connection = server.getConfiguration().getDataSource().getConnection();
                Statement statement = connection.createStatement();
                ResultSet answer = statement.executeQuery(question)) {
            answer.next();
            return answer.getLong(1);
        }
    }

    private void inFile(String... changes) throws SQLException {
        try (Connection connection =
                        DriverManager.getConnection("jdbc:h2:durable:" + folder.resolve("up-ahead"), USER, "");
                Statement statement = connection.createStatement()) {
            for (String change : changes) {
                statement.execute(change);
            }
        }
    }
}
