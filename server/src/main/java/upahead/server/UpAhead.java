package upahead.server;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.actuate.autoconfigure.info.InfoContributorAutoConfiguration;
import org.springframework.boot.actuate.autoconfigure.observation.web.client.HttpClientObservationsAutoConfiguration;
import org.springframework.boot.actuate.autoconfigure.scheduling.ScheduledTasksObservabilityAutoConfiguration;
import org.springframework.boot.actuate.autoconfigure.ssl.SslHealthContributorAutoConfiguration;
import org.springframework.boot.actuate.autoconfigure.ssl.SslObservabilityAutoConfiguration;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.autoconfigure.dao.PersistenceExceptionTranslationAutoConfiguration;
import org.springframework.boot.autoconfigure.flyway.FlywayAutoConfiguration;
import org.springframework.boot.autoconfigure.http.client.HttpClientAutoConfiguration;
import org.springframework.boot.autoconfigure.info.ProjectInfoAutoConfiguration;
import org.springframework.boot.autoconfigure.jdbc.JdbcClientAutoConfiguration;
import org.springframework.boot.autoconfigure.security.servlet.UserDetailsServiceAutoConfiguration;
import org.springframework.boot.autoconfigure.session.SessionAutoConfiguration;
import org.springframework.boot.autoconfigure.sql.init.SqlInitializationAutoConfiguration;
import org.springframework.boot.autoconfigure.validation.ValidationAutoConfiguration;
import org.springframework.boot.autoconfigure.web.client.RestClientAutoConfiguration;
import org.springframework.boot.autoconfigure.web.client.RestTemplateAutoConfiguration;
import org.springframework.boot.autoconfigure.websocket.servlet.WebSocketServletAutoConfiguration;
import org.springframework.context.ConfigurableApplicationContext;
import upahead.server.platform.sql.OpenedAhead;
import upahead.server.platform.starting.PartsInOrder;

/** Starts the server. */
@SpringBootApplication(
        exclude = {
            UserDetailsServiceAutoConfiguration.class,
            SessionAutoConfiguration.class,
            // bodies of requests are checked without it; it looks at every bean for methods to check
            ValidationAutoConfiguration.class,
            // the tables are made by Upgrade
            FlywayAutoConfiguration.class,
            // nothing here uses them
            InfoContributorAutoConfiguration.class,
            HttpClientObservationsAutoConfiguration.class,
            ScheduledTasksObservabilityAutoConfiguration.class,
            SslHealthContributorAutoConfiguration.class,
            SslObservabilityAutoConfiguration.class,
            HttpClientAutoConfiguration.class,
            ProjectInfoAutoConfiguration.class,
            SqlInitializationAutoConfiguration.class,
            RestClientAutoConfiguration.class,
            RestTemplateAutoConfiguration.class,
            WebSocketServletAutoConfiguration.class,
            JdbcClientAutoConfiguration.class,
            PersistenceExceptionTranslationAutoConfiguration.class
        })
public class UpAhead {

    public static void main(String[] arguments) {
        start(arguments);
    }

    /** Starts the program as from the command line; whoever asked ends it. */
    public static ConfigurableApplicationContext start(String... arguments) {
        SpringApplication program = new SpringApplication(UpAhead.class);
        // also where another program starts this one
        program.setMainApplicationClass(UpAhead.class);
        program.addListeners(new PartsAsBuilt(), new OpenedAhead());
        program.setApplicationContextFactory(kind -> new PartsInOrder());
        return program.run(arguments);
    }
}
