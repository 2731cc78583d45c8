package upahead.server.platform.access;

import java.time.Duration;
import org.springframework.stereotype.Component;

/** How often whoever is not signed in yet may try things: by name and by address. */
@Component
class Tries {

    static final int LONGEST_NAME = 160;
    private static final int OF_A_NAME = 8;
    private static final int OF_AN_ADDRESS = 60;
    private static final int LINKS_OF_A_NAME = 3;
    private static final int LINKS_OF_AN_ADDRESS = 20;

    private final Throttle names = new Throttle(OF_A_NAME, Duration.ofMinutes(1));
    private final Throttle addresses = new Throttle(OF_AN_ADDRESS, Duration.ofMinutes(1));
    private final Throttle toldNames = new Throttle(1, Duration.ofMinutes(1));
    private final Throttle linkNames = new Throttle(LINKS_OF_A_NAME, Duration.ofHours(1));
    private final Throttle linkAddresses = new Throttle(LINKS_OF_AN_ADDRESS, Duration.ofHours(1));

    /** Whether a password may be tried for a name from an address; both are counted. */
    boolean letPassword(String name, String address) {
        boolean ofName = names.lets(name.length() > LONGEST_NAME ? name.substring(0, LONGEST_NAME) : name);
        return addresses.lets(address) && ofName;
    }

    /** Whether a password may be tried for the name of whoever is signed in. */
    boolean letPassword(String name) {
        return names.lets(name);
    }

    /** Whether a link may be tried from an address. */
    boolean letLink(String address) {
        return addresses.lets(address);
    }

    /** Whether it is time to tell again that a name was tried too often. */
    boolean letTelling(String name) {
        return toldNames.lets(name);
    }

    /** Whether another link may be asked for: a few in an hour for a name, some from an address. */
    boolean letAsking(String name, String address) {
        return linkAddresses.lets(address) && linkNames.lets(name);
    }

    /** Forgets the wrong passwords of a name, as after a right one. */
    void forget(String name) {
        names.forget(name);
    }
}
