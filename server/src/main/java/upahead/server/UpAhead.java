package upahead.server;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.autoconfigure.security.servlet.UserDetailsServiceAutoConfiguration;
import org.springframework.boot.autoconfigure.session.SessionAutoConfiguration;
import org.springframework.boot.autoconfigure.validation.ValidationAutoConfiguration;
import org.springframework.context.ConfigurableApplicationContext;

/** Starts the server. */
@SpringBootApplication(
        exclude = {
            UserDetailsServiceAutoConfiguration.class,
            SessionAutoConfiguration.class,
            // bodies of requests are checked without it; it looks at every bean for methods to check
            ValidationAutoConfiguration.class
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
        program.addListeners(new PartsAsBuilt());
        return program.run(arguments);
    }
}
