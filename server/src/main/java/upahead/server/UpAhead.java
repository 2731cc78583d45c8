package upahead.server;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.autoconfigure.security.servlet.UserDetailsServiceAutoConfiguration;

/** Starts the server. */
@SpringBootApplication(exclude = UserDetailsServiceAutoConfiguration.class)
public class UpAhead {

    public static void main(String[] arguments) {
        SpringApplication.run(UpAhead.class, arguments);
    }
}
