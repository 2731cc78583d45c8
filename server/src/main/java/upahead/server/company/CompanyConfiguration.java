package upahead.server.company;

import java.nio.file.Path;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import upahead.server.platform.sql.FirstContent;

/** Before anything else happens to the tables, a company's file is taken in or its data moved here, where they are named. */
@Configuration
class CompanyConfiguration {

    @Bean
    FirstContent tablesFrom(@Value("${upahead.from:}") String file, @Value("${upahead.move-from:}") String folder) {
        return scripts -> {
            if (!file.isBlank()) {
                new CompanyTakenIn(scripts.flyway()).from(Path.of(file));
            }
            if (!folder.isBlank()) {
                new CompanyMove(scripts.flyway()).from(Path.of(folder));
            }
        };
    }
}
