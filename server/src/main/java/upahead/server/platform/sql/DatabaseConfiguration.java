package upahead.server.platform.sql;

import com.zaxxer.hikari.HikariDataSource;
import java.nio.file.Path;
import org.h2.store.fs.FilePath;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.jdbc.DataSourceProperties;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.transaction.PlatformTransactionManager;

/** The database: in a file whose writes are durable, unless another address is given. */
@Configuration
class DatabaseConfiguration {

    private static final String OWN_FILE = "jdbc:h2:durable:";

    static {
        FilePath.register(new DurableFiles());
    }

    @Bean
    DataFile dataFile(@Value("${upahead.data:./data}") String data) {
        return new DataFile(Path.of(data).toAbsolutePath().normalize());
    }

    /** Looks at the file before the first connection is made. */
    @Bean
    @ConfigurationProperties("spring.datasource.hikari")
    HikariDataSource dataSource(DataSourceProperties properties, DataFile file) {
        if (isOwnFile(properties)) {
            file.check(properties.determineUrl(), properties.determineUsername(), properties.determinePassword());
        }
        return properties
                .initializeDataSourceBuilder()
                .type(HikariDataSource.class)
                .build();
    }

    @Bean
    PlatformTransactionManager transactionManager(
            HikariDataSource database, DataSourceProperties properties, DataFile file) {
        return new WritersInTurn(database, isOwnFile(properties) ? file.confirmed()::confirm : count -> {});
    }

    private static boolean isOwnFile(DataSourceProperties properties) {
        return properties.determineUrl().startsWith(OWN_FILE);
    }
}
