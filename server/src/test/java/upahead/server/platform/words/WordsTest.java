package upahead.server.platform.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import upahead.core.calendar.DateSpan;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;

class WordsTest {

    @ParameterizedTest
    @CsvSource({
        "7.5, HOURS, 7.5 hours",
        "1, HOURS, 1 hour",
        "1.004, DAYS, 1 day",
        "-0.0049, DAYS, 0 days",
        "6.3913, HOURS, 6.39 hours",
        "2.675, DAYS, 2.68 days",
    })
    void anAmountHasTwoDecimalsAndItsUnit(String amount, Unit unit, String words) {
        assertThat(Words.amount(Amount.of(amount), unit)).isEqualTo(words);
    }

    @Test
    void aSpanOfOneDayIsThatDay() {
        LocalDate day = LocalDate.of(2027, 4, 12);
        assertThat(Words.span(new DateSpan(day, day))).isEqualTo("12 April");
        assertThat(Words.span(new DateSpan(day, day.plusDays(13)))).isEqualTo("12 April to 25 April");
        assertThat(Words.weekday(day)).isEqualTo("Monday, 12 April");
    }

    @Test
    void oneIsNotMany() {
        assertThat(Words.count(1, "blocker")).isEqualTo("1 blocker");
        assertThat(Words.count(3, "blocker")).isEqualTo("3 blockers");
    }
}
