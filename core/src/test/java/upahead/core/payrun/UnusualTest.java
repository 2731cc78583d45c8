package upahead.core.payrun;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upahead.core.quantity.Amount;

class UnusualTest {

    @ParameterizedTest(name = "{0} after {1}: {2}")
    @CsvSource({
        "36.25, 72.5 75 74, false",
        "36.24, 72.5 75 74, true",
        "112.5, 72.5 75 74, false",
        "112.51, 72.5 75 74, true",
        "0, 72.5 75 74, true",
        "0, 72.5 75, false",
        "90, 0 0 12, false",
    })
    void farIsLessThanHalfOfTheLeastOrMoreThanHalfAsMuchAgainAsTheMost(String now, String before, boolean far) {
        List<Amount> earlier = Arrays.stream(before.split(" ")).map(Amount::of).toList();
        assertThat(Unusual.isFarFrom(Amount.of(now), earlier)).isEqualTo(far);
    }

    @ParameterizedTest(name = "{0} of {1}: {2}")
    @CsvSource({"53.99, 60, false", "54, 60, true", "61, 60, true"})
    void nearIsNineTenths(String used, String limit, boolean near) {
        assertThat(Unusual.isNear(Amount.of(used), Amount.of(limit))).isEqualTo(near);
    }
}
