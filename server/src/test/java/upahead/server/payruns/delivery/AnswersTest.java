package upahead.server.payruns.delivery;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.fasterxml.jackson.databind.ObjectMapper;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import upahead.core.quantity.Amount;

/** What payroll may answer, and what is no answer. */
class AnswersTest {

    private static final PayrollMessage MESSAGE =
            new PayrollMessage("m-1", "Hourly staff", List.of(row("1"), row("2")));

    private final Answers answers = new Answers(new ObjectMapper());

    @Test
    void rowsAreAnsweredInAnyOrder() throws Exception {
        String answer = answer("m-1", taken("2", false, "\"there is no code OVT\""), taken("1", true, "null"));
        assertThat(answers.refused(MESSAGE, answer)).containsOnlyKeys("2").containsEntry("2", "there is no code OVT");
    }

    @Test
    void aRefusalWithoutAReasonSaysSo() throws Exception {
        String answer = answer("m-1", taken("1", false, "\" \""), taken("2", false, "null"));
        assertThat(answers.refused(MESSAGE, answer).values()).containsOnly("no reason given");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "null",
                "<h1>Something went wrong</h1>",
                "[]",
                "{\"message\": \"m-1\"}",
                "7",
                "{\"message\": \"m-1\", \"rows\": [null]}"
            })
    void whatCannotBeReadIsNoAnswer(String text) {
        assertThatThrownBy(() -> answers.refused(MESSAGE, text)).isInstanceOf(Answers.Unclear.class);
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({
        "m-2, 1 2, Payroll answered about another message.",
        "m-1, 1, Payroll said nothing of 1 of 2 rows.",
        "m-1, 1 2 3, 'Payroll answered about rows that it was not asked for, or twice.'",
        "m-1, 1 1 2, 'Payroll answered about rows that it was not asked for, or twice.'",
    })
    void anAnswerThatIsNotWhollyClearIsNoAnswer(String message, String rows, String why) {
        String[] taken = Arrays.stream(rows.split(" "))
                .map(row -> taken(row, true, "null"))
                .toArray(String[]::new);
        assertThatThrownBy(() -> answers.refused(MESSAGE, answer(message, taken)))
                .hasMessage(why);
    }

    private static String answer(String message, String... rows) {
        return "{\"message\": \"%s\", \"rows\": [%s]}".formatted(message, String.join(", ", rows));
    }

    private static String taken(String row, boolean taken, String reason) {
        return "{\"row\": \"%s\", \"taken\": %s, \"reason\": %s}".formatted(row, taken, reason);
    }

    private static PayrollMessage.Row row(String key) {
        LocalDate day = LocalDate.of(2027, 3, 1);
        return new PayrollMessage.Row(
                key, "B1", "Only One", "REG", "regular hours", Amount.of(40), "hours", day, day, "period");
    }
}
