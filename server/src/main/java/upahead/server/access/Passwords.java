package upahead.server.access;

import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;

/** How passwords are hashed. */
@Configuration
class Passwords {

    /** The hash of no password, compared with where the name is unknown, so that names cannot be found by timing. */
    static final String NOBODY = "$2a$10$7EqJtq98hPqEX7fNZaFWoOhi5sV1bL6iRB0TbU1dQbUX5x0UuLwSC";

    @Bean
    PasswordEncoder passwordEncoder() {
        return new BCryptPasswordEncoder();
    }
}
