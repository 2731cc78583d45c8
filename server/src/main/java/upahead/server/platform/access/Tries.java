package upahead.server.platform.access;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import org.springframework.stereotype.Component;

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
    private static final int MOST_KNOWN = 50_000;
    private static final String EVERYBODY = "";

    private final Throttle pairs = new Throttle(OF_A_NAME_FROM_AN_ADDRESS, Duration.ofMinutes(1));
    private final Throttle names = new Throttle(OF_A_NAME, Duration.ofMinutes(1));
    private final Throttle addresses = new Throttle(OF_AN_ADDRESS, Duration.ofMinutes(1));
    private final Throttle all = new Throttle(OF_EVERYBODY, Duration.ofMinutes(1));
    private final Throttle toldNames = new Throttle(1, Duration.ofMinutes(1));
    private final Throttle linkNames = new Throttle(LINKS_OF_A_NAME, Duration.ofHours(1));
    private final Throttle linkAddresses = new Throttle(LINKS_OF_AN_ADDRESS, Duration.ofHours(1));
    private final Throttle links = new Throttle(LINKS_OF_EVERYBODY, Duration.ofHours(1));

    private final Cache<String, Boolean> signedInFrom = Caffeine.newBuilder()
            .maximumSize(MOST_KNOWN)
            .expireAfterWrite(LATELY)
            .build();

    /** Whether a password may be tried for a name from an address; all are counted. */
    boolean letPassword(String name, String address) {
        String shortened = name.length() > LONGEST_NAME ? name.substring(0, LONGEST_NAME) : name;
        String pair = pair(shortened, address);
        boolean ofPair = pairs.lets(pair);
        boolean ofName = names.lets(shortened);
        boolean ofAddress = addresses.lets(address);
        boolean ofAll = all.lets(EVERYBODY);
        boolean isKnown = signedInFrom.getIfPresent(pair) != null;
        return ofPair && (isKnown || ofName && ofAddress && ofAll);
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

    /** Forgets the wrong passwords tried for a name from an address, after a right one, and knows the two together. */
    void right(String name, String address) {
        pairs.forget(pair(name, address));
        signedInFrom.put(pair(name, address), true);
    }

    private static String pair(String name, String address) {
        return name + '\n' + address;
    }
}
