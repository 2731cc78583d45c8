package upahead.server.platform.secondstep;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import org.apache.commons.codec.binary.Base32;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TimeCodesTest {

    /** The secret of the examples of RFC 6238, appendix B. */
    private static final String OF_THE_STANDARD =
            new Base32().encodeToString("12345678901234567890".getBytes(StandardCharsets.US_ASCII));

    @ParameterizedTest
    @CsvSource({"59,287082", "1111111109,081804", "1234567890,005924", "2000000000,279037"})
    void codesAreThoseOfTheStandard(long seconds, String code) {
        assertThat(TimeCodes.code(OF_THE_STANDARD, Instant.ofEpochSecond(seconds)))
                .isEqualTo(code);
    }

    @Test
    void aCodeHoldsAStepEitherWayAndOnce() {
        Instant now = Instant.ofEpochSecond(1_234_567_890);
        String code = TimeCodes.code(OF_THE_STANDARD, now);
        long step = TimeCodes.stepOf(OF_THE_STANDARD, code, now, 0).orElseThrow();
        assertThat(TimeCodes.stepOf(OF_THE_STANDARD, code, now.plusSeconds(30), 0))
                .hasValue(step);
        assertThat(TimeCodes.stepOf(OF_THE_STANDARD, code, now.minusSeconds(30), 0))
                .hasValue(step);
        assertThat(TimeCodes.stepOf(OF_THE_STANDARD, code, now.plusSeconds(61), 0))
                .isEmpty();
        assertThat(TimeCodes.stepOf(OF_THE_STANDARD, code, now, step))
                .as("again")
                .isEmpty();
    }

    @Test
    void whatAppsReadSaysForWhomItIs() {
        assertThat(TimeCodes.address("ABC", "ada lovelace@example.com"))
                .isEqualTo("otpauth://totp/Up%20Ahead:ada%20lovelace%40example.com?secret=ABC&issuer=Up%20Ahead");
        assertThat(TimeCodes.secret()).hasSize(32).matches("[A-Z2-7]+");
        QrPicture picture = QrPicture.of(TimeCodes.address(TimeCodes.secret(), "ada"));
        assertThat(picture.path()).startsWith("M4 4h1v1h-1z");
        assertThat(picture.size()).isBetween(40, 70);
    }

    @Test
    void codesOnPaperAreKnownHoweverTheyAreTyped() {
        assertThat(RecoveryCodes.fresh())
                .hasSize(10)
                .doesNotHaveDuplicates()
                .allMatch(code -> code.matches("[a-z2-9]{5}-[a-z2-9]{5}-[a-z2-9]{5}"));
        assertThat(RecoveryCodes.hash("ABCDE fghjk-22222")).isEqualTo(RecoveryCodes.hash("abcde-fghjk-22222"));
    }
}
