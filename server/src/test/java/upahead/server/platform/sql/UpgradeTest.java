package upahead.server.platform.sql;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.stream.Stream;
import java.util.zip.GZIPInputStream;
import org.flywaydb.core.api.Location;
import org.h2.store.fs.FilePath;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.autoconfigure.flyway.FlywayConfigurationCustomizer;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
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
        assertThatThrownBy(() -> start(UpAhead.class, OneScriptTooMany.class))
                .hasStackTraceContaining("the data could not be brought up to date and are as they were");
        requireAsItWas();
        assertThat(file.beforeUpgrade()).doesNotExist();
        start(UpAhead.class).close();
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

    @Configuration
    static class OneScriptTooMany {
        @Bean
        @Order(Ordered.LOWEST_PRECEDENCE)
        FlywayConfigurationCustomizer broken() {
            return configuration -> configuration.locations(
                    Stream.concat(Stream.of(configuration.getLocations()), Stream.of(new Location("classpath:broken")))
                            .toArray(Location[]::new));
        }
    }

    private ConfigurableApplicationContext start(Class<?>... parts) {
        return new SpringApplicationBuilder(parts)
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
