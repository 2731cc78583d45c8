package upahead.server.platform.files;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class CsvFileTest {

    @ParameterizedTest
    @ValueSource(strings = {"=1+1", "+1+1", "+2", "-cmd", "@sum(a1)", "\tx"})
    void aSpreadsheetTakesNoTextForAFormula(String text) {
        assertThat(CsvFile.cell(text)).isEqualTo("'" + text);
    }

    @ParameterizedTest
    @ValueSource(strings = {"-1.5", "-3", "a=b", "Saltonstall"})
    void numbersAndOtherTextsStayAsTheyAre(String text) {
        assertThat(CsvFile.cell(text)).isEqualTo(text);
    }
}
