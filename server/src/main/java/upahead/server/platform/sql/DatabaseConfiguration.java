package upahead.server.platform.sql;

import com.zaxxer.hikari.HikariDataSource;
import io.micrometer.core.instrument.MeterRegistry;
import java.nio.file.Path;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.time.Duration;
import org.jooq.ExecuteListenerProvider;
import org.jooq.impl.DefaultExecuteListenerProvider;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.jdbc.DataSourceProperties;
import org.springframework.boot.autoconfigure.jooq.DefaultConfigurationCustomizer;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Primary;
import org.springframework.core.env.Environment;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import upahead.server.platform.backups.BackupFolder;

/** The database: in a file whose writes are durable, unless another address is given. */
@Configuration
class DatabaseConfiguration {

    private static final Duration LONGEST_WAIT = Duration.ofSeconds(30);
    static final String OWN_FILE = "jdbc:h2:durable:";

    @Bean
    BackupFolder backupFolder(Environment settings) {
        return new BackupFolder(backupsOf(settings));
    }

    @Bean
    DataFile dataFile(Environment settings, ObjectProvider<OpenedAhead.Opened> ahead) {
        OpenedAhead.Opened opened = ahead.getIfAvailable();
        return opened == null ? fileOf(settings) : opened.file();
    }

    static DataFile fileOf(Environment settings) {
        return new DataFile(
                folder(settings.getProperty("upahead.data", "./data")), new BackupFolder(backupsOf(settings)));
    }

    private static Path backupsOf(Environment settings) {
        return folder(settings.getRequiredProperty("upahead.backups.folder"));
    }

    private static Path folder(String named) {
        return Path.of(named).toAbsolutePath().normalize();
    }

    /** Looks at the file before the first connection is made. */
    @Bean
    @ConfigurationProperties("spring.datasource.hikari")
    HikariDataSource dataSource(DataSourceProperties properties, DataFile file) {
        if (isOwnFile(properties)) {
            file.check(properties.determineUrl(), properties.determineUsername(), properties.determinePassword());
        } else if (kind(properties) == DatabaseKind.SERVER) {
            checkServer(properties);
        }
        HikariDataSource database = properties
                .initializeDataSourceBuilder()
                .type(HikariDataSource.class)
                .build();
        database.setConnectionInitSql(kind(properties).waitForLocks(LONGEST_WAIT));
        if (kind(properties) == DatabaseKind.SERVER) {
            // many rows in one statement: a close is bound by how fast they go over
            database.addDataSourceProperty("reWriteBatchedInserts", "true");
        }
        return database;
    }

    private static void checkServer(DataSourceProperties properties) {
        String url = properties.determineUrl();
        try {
            DriverManager.getConnection(url, properties.determineUsername(), properties.determinePassword())
                    .close();
        } catch (SQLException refused) {
            throw new CannotStart(
                    "the database at " + url + " lets nobody in: "
                            + refused.getMessage().lines().findFirst().orElse("")
                            + " Is the server running, and are the name and password right?",
                    refused);
        }
    }

    @Bean
    Scripts scripts(HikariDataSource database, DataSourceProperties properties) {
        return new Scripts(database, kind(properties));
    }

    @Bean
    Upgrade upgrade(
            HikariDataSource database,
            Scripts scripts,
            FirstContent content,
            DataSourceProperties properties,
            DataFile file) {
        return new Upgrade(database, scripts, content, isOwnFile(properties) ? file : null);
    }

    @Bean
    DefaultConfigurationCustomizer statements(DataSourceProperties properties) {
        return configuration -> configuration.set(kind(properties).settings());
    }

    /** Beside the one that makes the database's refusals known by their kind. */
    @Bean
    ExecuteListenerProvider slowStatements(MeterRegistry meters, @Value("${upahead.slow-statement}") Duration slow) {
        return new DefaultExecuteListenerProvider(new SlowStatements(meters, slow));
    }

    private static DatabaseKind kind(DataSourceProperties properties) {
        return DatabaseKind.at(properties.determineUrl());
    }

    @Bean
    PlatformTransactionManager transactionManager(
            HikariDataSource database, DataSourceProperties properties, DataFile file) {
        return new WritersInTurn(
                database, LONGEST_WAIT, isOwnFile(properties) ? file.confirmed()::confirm : count -> {});
    }

    /** For changes that are one part of a longer work. */
    @Bean
    @Primary
    TransactionTemplate transactionTemplate(PlatformTransactionManager transactionManager) {
        return new TransactionTemplate(transactionManager);
    }

    private static boolean isOwnFile(DataSourceProperties properties) {
        return properties.determineUrl().startsWith(OWN_FILE);
    }
}
