package upahead.server.platform.secondstep;

import com.eatthepath.otp.TimeBasedOneTimePasswordGenerator;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.security.InvalidKeyException;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.time.Instant;
import java.util.OptionalLong;
import javax.crypto.spec.SecretKeySpec;
import org.apache.commons.codec.binary.Base32;

/** Codes of six digits that change every thirty seconds (RFC 6238), from a secret that an app and the program share. */
final class TimeCodes {

    private static final int SECRET_BYTES = 20;
    /** Clocks of telephones are not exact: a code holds a step longer and may be a step early. */
    private static final int STEPS_BESIDE = 1;

    private static final TimeBasedOneTimePasswordGenerator CODES = new TimeBasedOneTimePasswordGenerator();
    private static final long STEP = CODES.getTimeStep().toMillis();
    private static final SecureRandom RANDOM = new SecureRandom();

    private TimeCodes() {}

    /** A new secret, in the letters that people can type (base 32). */
    static String secret() {
        byte[] secret = new byte[SECRET_BYTES];
        RANDOM.nextBytes(secret);
        return new Base32().encodeToString(secret);
    }

    /** What apps read from a picture. */
    static String address(String secret, String username) {
        return "otpauth://totp/Up%20Ahead:"
                + URLEncoder.encode(username, StandardCharsets.UTF_8).replace("+", "%20") + "?secret=" + secret
                + "&issuer=Up%20Ahead";
    }

    /** The code of a moment. */
    static String code(String secret, Instant at) {
        try {
            return CODES.generateOneTimePasswordString(
                    new SecretKeySpec(new Base32().decode(secret), CODES.getAlgorithm()), at);
        } catch (InvalidKeyException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    /**
     * The step of thirty seconds to which a code belongs, so that it is taken once only.
     *
     * @param after the step used last
     */
    static OptionalLong stepOf(String secret, String code, Instant now, long after) {
        long step = now.toEpochMilli() / STEP;
        OptionalLong found = OptionalLong.empty();
        for (long each = step - STEPS_BESIDE; each <= step + STEPS_BESIDE; each++) {
            boolean same = MessageDigest.isEqual(
                    code(secret, Instant.ofEpochMilli(each * STEP)).getBytes(StandardCharsets.US_ASCII),
                    code.getBytes(StandardCharsets.UTF_8));
            if (same && each > after && found.isEmpty()) {
                found = OptionalLong.of(each);
            }
        }
        return found;
    }
}
