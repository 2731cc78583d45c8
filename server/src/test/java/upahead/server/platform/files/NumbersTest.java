package upahead.server.platform.files;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import upahead.core.quantity.Amount;

class NumbersTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '"',
            value = {
                "7.5|7.5",
                "7,5|7.5",
                "+7,5|7.5",
                "−7,25|-7.25",
                "1,234.5|1234.5",
                "1,234,567.89|1234567.89",
                "1.234,5|1234.5",
                "1.234.567,89|1234567.89",
                "-1 037,25|-1037.25",
                "1'037.25|1037.25",
                "1’037,25|1037.25",
                "1\u00a0037,25|1037.25",
                "1\u202f037,25|1037.25",
                "1.234|1.234",
                "1,234|1.234"
            })
    void areReadAsPeopleWriteThem(String text, String meant) {
        assertThat(Numbers.read(text)).contains(Amount.of(meant));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "seven", "1.2.3", "1.23,4", "1,23.4", "12.34.567,8", "1.234'567,8", "7h", "1 2", "--1"})
    void whatIsNoNumberIsNone(String text) {
        assertThat(Numbers.read(text)).isEmpty();
    }

    @Test
    void hoursAlsoHaveMinutes() {
        assertThat(Numbers.readHours("7:30")).contains(Amount.of("7.5"));
        assertThat(Numbers.readHours("-0:20")).contains(Amount.of("-0.3333"));
        assertThat(Numbers.readHours("7:60")).isEmpty();
    }
}
