package upahead.server.platform.access;

import org.springframework.security.config.annotation.web.builders.HttpSecurity;

/** A way to sign in besides a name and a password. */
public interface WayIn {

    /** Adds what it needs to the filters before every request. */
    void configure(HttpSecurity http) throws Exception;
}
