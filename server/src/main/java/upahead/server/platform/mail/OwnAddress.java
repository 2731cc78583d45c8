package upahead.server.platform.mail;

import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.env.Environment;
import org.springframework.stereotype.Component;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/**
 * The address under which people reach the program, for links in mail. Where none is set, it is the one an administrator
 * uses. What a stranger's request names is never believed: a link in somebody's mail would lead to a page of the stranger.
 */
@Component
public class OwnAddress {

    private final String set;
    private final Environment environment;
    private volatile String usedByAdministrator;

    OwnAddress(@Value("${upahead.address:}") String set, Environment environment) {
        this.set = withoutSlash(set);
        this.environment = environment;
    }

    /** For mail that an administrator sends. */
    public String forAdministrator() {
        if (set.isEmpty() && RequestContextHolder.getRequestAttributes() != null) {
            usedByAdministrator =
                    ServletUriComponentsBuilder.fromCurrentContextPath().build().toUriString();
        }
        return forAnybody();
    }

    /** For mail that somebody asks for who is not signed in. */
    public String forAnybody() {
        if (!set.isEmpty()) {
            return set;
        }
        return usedByAdministrator != null
                ? usedByAdministrator
                : "http://localhost:" + environment.getProperty("local.server.port", "8080");
    }

    private static String withoutSlash(String address) {
        return address.endsWith("/") ? address.substring(0, address.length() - 1) : address;
    }
}
