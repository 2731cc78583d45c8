package upahead.server.platform.sql;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.InputStream;
import java.net.URL;
import java.net.URLClassLoader;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.zip.GZIPInputStream;
import org.h2.store.fs.FilePath;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;
import upahead.server.UpAhead;
import upahead.server.platform.backups.BackupFolder;

/** The data of an earlier program, which cannot all be brought up to date. */
class UpgradeTest {

    private static final String OLD_LAYOUT = "10";

    @TempDir
    Path data;

    private String url;
    private DataFile file;

    @BeforeEach
    void dataOfAnEarlierProgram() throws Exception {
        FilePath.register(new DurableFiles());
        try (InputStream old = UpgradeTest.class.getResourceAsStream("/older/layout-10.mv.db.gz")) {
            Files.copy(new GZIPInputStream(old), data.resolve("up-ahead.mv.db"));
        }
        url = "jdbc:h2:durable:" + data.resolve("up-ahead") + ";WRITE_DELAY=0;DB_CLOSE_ON_EXIT=FALSE";
        file = new DataFile(data, new BackupFolder(data.resolve("backups")));
    }

    @Test
    void aScriptThatFailsLeavesTheFileAsItWas() throws Exception {
        withOneScriptTooMany(() -> assertThatThrownBy(this::start)
                .hasStackTraceContaining("the data could not be brought up to date and are as they were"));
        requireAsItWas();
        assertThat(file.beforeUpgrade()).doesNotExist();
        start().close();
        assertThat(Integer.parseInt(layout())).isGreaterThan(27);
    }

    @Test
    void anUpgradeThatIsCutShortIsUndoneAtTheNextStart() throws Exception {
        try (Connection connection = DriverManager.getConnection(url, "up-ahead", "")) {
            connection.createStatement().execute(DatabaseKind.FILE.copyTo(file.beforeUpgrade()));
            connection.createStatement().execute("alter table person add column favourite_colour varchar(20)");
        }
        file.check(url, "up-ahead", "");
        requireAsItWas();
    }

    @Test
    void dataThatAreUpToDateAreKnownToBeAhead() throws Exception {
        assertThat(lookedAtAhead()).isFalse();
        start().close();
        assertThat(lookedAtAhead()).isTrue();
        inFile("update \"flyway_schema_history\" set \"checksum\" = 1 where \"version\" = '3'");
        assertThat(lookedAtAhead()).isFalse();
        assertThatThrownBy(this::start).hasStackTraceContaining("or are not as this program makes them");
    }

    @Test
    void dataOfALaterProgramAreRefused() throws Exception {
        start().close();
        String newest = layout();
        inFile("update \"flyway_schema_history\" set \"version\" = '998' where \"version\" = '" + newest + "'");
        assertThat(lookedAtAhead()).isFalse();
        assertThatThrownBy(this::start).hasStackTraceContaining("of a later version of the program");
        assertThat(layout()).isEqualTo("998");
    }

    private boolean lookedAtAhead() {
        DataFile ahead = new DataFile(data, new BackupFolder(data.resolve("backups")));
        ahead.checkAhead(url, "up-ahead", "");
        ahead.letGo();
        return ahead.isKnownToBeUpToDate();
    }

    private void inFile(String change) throws SQLException {
        try (Connection connection = DriverManager.getConnection(url, "up-ahead", "")) {
            connection.createStatement().execute(change);
        }
    }

    /** What is done where one script more is found, which is half right. */
    private static void withOneScriptTooMany(Runnable work) throws IOException {
        Thread here = Thread.currentThread();
        ClassLoader before = here.getContextClassLoader();
        URL more = UpgradeTest.class.getResource("/broken/");
        try (URLClassLoader broken = new URLClassLoader(new URL[] {more}, before)) {
            here.setContextClassLoader(broken);
            work.run();
        } finally {
            here.setContextClassLoader(before);
        }
    }

    private ConfigurableApplicationContext start() {
        return new SpringApplicationBuilder(UpAhead.class)
                .properties(
                        "spring.datasource.url=" + url,
                        "upahead.data=" + data,
                        "upahead.in-background=false",
                        "upahead.warm-start=false",
                        "server.port=0")
                .run();
    }

    private void requireAsItWas() throws SQLException {
        assertThat(layout()).isEqualTo(OLD_LAYOUT);
        assertThat(columnsCalled("FAVOURITE_COLOUR")).isZero();
    }

    private String layout() throws SQLException {
        return first("select \"version\" from \"flyway_schema_history\" order by \"installed_rank\" desc limit 1");
    }

    private int columnsCalled(String name) throws SQLException {
        return Integer.parseInt(
                first("select count(*) from information_schema.columns where column_name = '" + name + "'"));
    }

    private String first(String question) throws SQLException {
        try (Connection connection = DriverManager.getConnection(url, "up-ahead", "");
                ResultSet answer = connection.createStatement().executeQuery(question)) {
            answer.next();
            return answer.getString(1);
        }
    }
}
