package upahead.server.platform.access;

import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PasswordRulesTest {

    private static final String LONG = "gate-left-open-in-May-";

    @ParameterizedTest
    @ValueSource(strings = {"eleven char", "passwordpassword", "123456789012"})
    void whatIsShortOrAmongTheFirstToBeTriedIsRefused(String password) {
        assertThatThrownBy(() -> require(password)).hasMessageContaining("password");
    }

    @Test
    void longOnesAreTakenAsFarAsTheHashLooksAndNoFurther() {
        assertThatCode(() -> require((LONG + LONG + LONG + LONG).substring(0, 72)))
                .doesNotThrowAnyException();
        assertThatThrownBy(() -> require((LONG + LONG + LONG + LONG).substring(0, 73)))
                .hasMessageContaining("at most 72 characters");
        assertThatThrownBy(() -> require("ü".repeat(26) + LONG)).hasMessageContaining("count as two or more");
    }

    private static void require(String password) {
        PasswordRules.require(password, List.of("osric", "Osric Vane"));
    }
}
