package upahead.server.leavers;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A name is replaced where it stands as words of its own, however it is written, and nowhere else. */
class NamesTest {

    private static final List<String> ANN = List.of("ann.lee@garden.example", "Ann Lee-Müller", "Ann Lee");

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Ann Lee asks for 8 hours | X asks for 8 hours",
                "ANN LEE asks | X asks",
                "asked by ann lee. | asked by X.",
                "{\"name\":\"Ann Lee\",\"code\":\"P1\"} | {\"name\":\"X\",\"code\":\"P1\"}",
                "Payroll, for Ann Lee | Payroll, for X",
                "mailto:Ann.Lee@Garden.example | mailto:X",
                "Ann Lee-Müller | X",
                "Ann Lee, Ann Lee and Ann Lee | X, X and X",
                "Joann Leeward | Joann Leeward",
                "Ann Leeds | Ann Leeds",
                "Ännann Lee | Ännann Lee",
                "Ann  Lee | Ann  Lee",
                "Lee Ann | Lee Ann"
            })
    void isReplaced(String text, String replaced) {
        assertThat(Names.replace(text, ANN, "X")).isEqualTo(replaced);
    }

    @Test
    void signsThatMeanSomethingInPatternsAreNoMoreThanSigns() {
        assertThat(Names.replace("by O(Brien)* $1", List.of("O(Brien)*"), "Former $1 \\ employee"))
                .isEqualTo("by Former $1 \\ employee $1");
    }

    @Test
    void withoutNamesATextStaysAsItIs() {
        assertThat(Names.replace("Ann Lee", List.of(), "X")).isEqualTo("Ann Lee");
        assertThat(Names.replace("", ANN, "X")).isEmpty();
    }
}
