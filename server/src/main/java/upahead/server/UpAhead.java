package upahead.server;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.autoconfigure.security.servlet.UserDetailsServiceAutoConfiguration;
import org.springframework.boot.autoconfigure.session.SessionAutoConfiguration;

/** Starts the server. */
@SpringBootApplication(exclude = {UserDetailsServiceAutoConfiguration.class, SessionAutoConfiguration.class})
public class UpAhead {

    public static void main(String[] arguments) {
        SpringApplication.run(UpAhead.class, arguments);
    }
}
