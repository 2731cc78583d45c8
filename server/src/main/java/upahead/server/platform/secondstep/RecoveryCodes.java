package upahead.server.platform.secondstep;

import java.nio.charset.StandardCharsets;
import java.security.SecureRandom;
import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.apache.commons.codec.digest.DigestUtils;

/** Codes on paper, each for once, of letters and digits that are not mistaken for each other. */
final class RecoveryCodes {

    private static final String SIGNS = "abcdefghjkmnpqrstuvwxyz23456789";
    private static final int SIGNS_EACH = 15;
    private static final int IN_A_GROUP = 5;
    private static final int CODES = 10;
    private static final SecureRandom RANDOM = new SecureRandom();

    private RecoveryCodes() {}

    static List<String> fresh() {
        return Stream.generate(RecoveryCodes::code).limit(CODES).toList();
    }

    private static String code() {
        StringBuilder code = new StringBuilder();
        IntStream.range(0, SIGNS_EACH).forEach(at -> code.append(at > 0 && at % IN_A_GROUP == 0 ? "-" : "")
                .append(SIGNS.charAt(RANDOM.nextInt(SIGNS.length()))));
        return code.toString();
    }

    /** What is kept of one; capitals, blanks and hyphens do not matter. */
    static String hash(String code) {
        return DigestUtils.sha256Hex(
                code.toLowerCase(Locale.ROOT).replaceAll("[\\s-]", "").getBytes(StandardCharsets.UTF_8));
    }
}
