package upahead.server.company;

import java.nio.file.Path;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.flyway.FlywayMigrationStrategy;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Before anything else happens to the tables, a company's file is taken in, where one is named. */
@Configuration
class CompanyConfiguration {

    @Bean
    FlywayMigrationStrategy tablesFrom(@Value("${upahead.from:}") String file) {
        return flyway -> {
            if (!file.isBlank()) {
                new CompanyTakenIn(flyway).from(Path.of(file));
            }
            flyway.migrate();
        };
    }
}
