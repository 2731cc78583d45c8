package upahead.server.platform.access;

import java.security.SecureRandom;
import java.util.Base64;
import org.apache.commons.codec.digest.DigestUtils;

/** Secrets that stand in addresses: who has one is let in, and only what it hashes to is kept. */
public final class Tokens {

    private static final int BYTES = 24;
    private static final SecureRandom RANDOM = new SecureRandom();

    private Tokens() {}

    /** A new one, of letters, digits, hyphens and underscores. */
    public static String random() {
        byte[] random = new byte[BYTES];
        RANDOM.nextBytes(random);
        return Base64.getUrlEncoder().withoutPadding().encodeToString(random);
    }

    /** What is kept of one. */
    public static String hash(String token) {
        return DigestUtils.sha256Hex(token);
    }
}
