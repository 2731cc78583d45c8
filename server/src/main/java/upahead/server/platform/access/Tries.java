package upahead.server.platform.access;

import java.time.Duration;
import java.time.LocalDateTime;
import org.springframework.stereotype.Component;
import upahead.server.platform.throttle.Throttle;
import upahead.server.platform.throttle.Throttles;

/**
 * How often whoever is not signed in yet may try things: a name from an address, a name from wherever, an address, and
 * everybody together. Somebody who signed in from an address lately is held up only by the wrong passwords tried from
 * there, so that nobody is shut out by what others try for their name.
 */
@Component
class Tries {

    static final int LONGEST_NAME = 160;
    private static final int OF_A_NAME_FROM_AN_ADDRESS = 8;
    private static final int OF_A_NAME = 40;
    private static final int OF_AN_ADDRESS = 60;
    private static final int OF_EVERYBODY = 1_000;
    private static final int LINKS_OF_A_NAME = 3;
    private static final int LINKS_OF_AN_ADDRESS = 20;
    private static final int LINKS_OF_EVERYBODY = 500;
    private static final Duration LATELY = Duration.ofDays(30);
    private static final String EVERYBODY = "";

    private final Throttle pairs;
    private final Throttle names;
    private final Throttle addresses;
    private final Throttle all;
    private final Throttle toldNames;
    private final Throttle linkNames;
    private final Throttle linkAddresses;
    private final Throttle links;
    private final KnownAddressStore known;

    Tries(Throttles throttles, KnownAddressStore known) {
        Duration minute = Duration.ofMinutes(1);
        Duration hour = Duration.ofHours(1);
        this.pairs = throttles.of("a name from an address", OF_A_NAME_FROM_AN_ADDRESS, minute);
        this.names = throttles.of("a name", OF_A_NAME, minute);
        this.addresses = throttles.of("an address", OF_AN_ADDRESS, minute);
        this.all = throttles.of("everybody", OF_EVERYBODY, minute);
        this.toldNames = throttles.of("telling of a name", 1, minute);
        this.linkNames = throttles.of("links of a name", LINKS_OF_A_NAME, hour);
        this.linkAddresses = throttles.of("links of an address", LINKS_OF_AN_ADDRESS, hour);
        this.links = throttles.of("links of everybody", LINKS_OF_EVERYBODY, hour);
        this.known = known;
    }

    /** Whether a password may be tried for a name from an address; all are counted. */
    boolean letPassword(String name, String address) {
        String shortened = name.length() > LONGEST_NAME ? name.substring(0, LONGEST_NAME) : name;
        String pair = pair(shortened, address);
        boolean ofPair = pairs.lets(pair);
        boolean ofName = names.lets(shortened);
        boolean ofAddress = addresses.lets(address);
        boolean ofAll = all.lets(EVERYBODY);
        return ofPair && (ofName && ofAddress && ofAll || known.isKnown(shortened, address, LocalDateTime.now()));
    }

    /** Whether a link may be tried from an address. */
    boolean letLink(String address) {
        boolean ofAddress = addresses.lets(address);
        return all.lets(EVERYBODY) && ofAddress;
    }

    /** Whether it is time to tell again that a name was tried too often. */
    boolean letTelling(String name) {
        return toldNames.lets(name);
    }

    /** Whether another link may be asked for: a few in an hour for a name, some from an address. */
    boolean letAsking(String name, String address) {
        return links.lets(EVERYBODY) && linkAddresses.lets(address) && linkNames.lets(name);
    }

    /** Forgets the wrong passwords tried for a name from an address, after a right one. */
    void right(String name, String address) {
        pairs.forget(pair(name, address));
    }

    /** Knows a name and an address together from now on, in the transaction that notes the sign-in. */
    void know(String name, String address) {
        LocalDateTime now = LocalDateTime.now();
        known.know(name, address, now, now.plus(LATELY));
    }

    private static String pair(String name, String address) {
        return name + '\n' + address;
    }
}
