package upahead.server.platform.access;

import com.nulabinc.zxcvbn.Zxcvbn;
import java.nio.charset.StandardCharsets;
import java.util.List;
import upahead.server.platform.problems.Refusal;

/** Which passwords are hard enough to guess. */
final class PasswordRules {

    /** What the hash takes; beyond it nothing would be looked at. */
    static final int LONGEST = 72;

    private static final int SHORTEST = 12;
    /** Of 0 to 4: below it, somebody who guesses online gets there. */
    private static final int LEAST_SCORE = 2;

    private static final int LOOKED_AT = 64;

    private PasswordRules() {}

    /** Whether it cannot be anybody's password, because it has more bytes than the hash takes. */
    static boolean isTooLong(String password) {
        return password.getBytes(StandardCharsets.UTF_8).length > LONGEST;
    }

    /**
     * @param own the name to sign in with and the person's name, which are the first to be tried
     * @throws Refusal if it is too short, too long or too easy to guess
     */
    static void require(String password, List<String> own) {
        if (password.length() < SHORTEST) {
            throw Refusal.of("password", "A password needs at least " + SHORTEST + " characters.");
        }
        if (isTooLong(password)) {
            throw Refusal.of(
                    "password",
                    "A password has at most " + LONGEST
                            + " characters; those beyond plain letters count as two or more.");
        }
        String looked = password.length() > LOOKED_AT ? password.substring(0, LOOKED_AT) : password;
        if (new Zxcvbn().measure(looked, own).getScore() < LEAST_SCORE) {
            throw Refusal.of(
                    "password",
                    "This password is among the first that somebody would try. Take several words that do not belong"
                            + " together.");
        }
    }
}
