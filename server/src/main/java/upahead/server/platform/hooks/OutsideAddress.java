package upahead.server.platform.hooks;

import java.net.Inet6Address;
import java.net.InetAddress;
import java.net.URI;
import java.net.UnknownHostException;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Which addresses may be told something: such as lie outside the own network, so that nobody reaches what is inside by
 * having this program call it. Looked at again before each message, since a name can come to mean another place.
 */
@Component
class OutsideAddress {

    private static final int LONGEST = 500;

    private final boolean insideToo;

    OutsideAddress(@Value("${upahead.webhooks.inside:${upahead.demo:false}}") boolean insideToo) {
        this.insideToo = insideToo;
    }

    /** That an address may not be told anything, and why, in a sentence. */
    static final class Inside extends Exception {
        private static final long serialVersionUID = 1L;

        Inside(String sentence) {
            super(sentence);
        }
    }

    /** Reads an address and finds out where it leads. */
    URI read(String address) throws Inside {
        URI uri;
        try {
            uri = URI.create(address.strip());
        } catch (IllegalArgumentException noAddress) {
            throw new Inside("This is no address; write it as https://example.com/told.");
        }
        boolean known =
                "https".equalsIgnoreCase(uri.getScheme()) || (insideToo && "http".equalsIgnoreCase(uri.getScheme()));
        if (!known || uri.getHost() == null || uri.getUserInfo() != null || address.length() > LONGEST) {
            throw new Inside("An address begins with https://, then a host, without a name or password in it.");
        }
        requireOutside(uri.getHost());
        return uri;
    }

    private void requireOutside(String host) throws Inside {
        InetAddress[] places;
        try {
            places = InetAddress.getAllByName(host);
        } catch (UnknownHostException unknown) {
            throw new Inside("There is no host " + host + ".");
        }
        for (InetAddress place : places) {
            if (!insideToo && isInside(place)) {
                throw new Inside("That address leads inside the own network; only such as lie outside are told.");
            }
        }
    }

    /** Whether a place is this machine, the own network, or no single machine at all. */
    static boolean isInside(InetAddress place) {
        byte[] bytes = place.getAddress();
        boolean uniqueLocal = place instanceof Inet6Address && (bytes[0] & 0xfe) == 0xfc;
        boolean shared = bytes.length == 4 && (bytes[0] & 0xff) == 100 && (bytes[1] & 0xc0) == 64;
        boolean nowhere = bytes.length == 4 && (bytes[0] == 0 || (bytes[0] & 0xf0) == 0xf0);
        return place.isLoopbackAddress()
                || place.isAnyLocalAddress()
                || place.isLinkLocalAddress()
                || place.isSiteLocalAddress()
                || place.isMulticastAddress()
                || uniqueLocal
                || shared
                || nowhere;
    }
}
