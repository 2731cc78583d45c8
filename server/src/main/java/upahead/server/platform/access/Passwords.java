package upahead.server.platform.access;

import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;

/** How passwords are hashed. */
@Configuration
class Passwords {

    @Bean
    PasswordEncoder passwordEncoder(@Value("${upahead.password-strength}") int strength) {
        return new BCryptPasswordEncoder(strength);
    }
}
