package upahead.rehearsal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import upahead.core.ledger.Derivation;

/** Worked examples as they are kept with a policy: written, taken apart and put together again without any figure changing. */
class WrittenCaseTest {

    private static final String PERSON =
            """
            {"case": "Half time", "employee": {"hired": "2027-01-04"}, "facts": [
              {"on": "2027-02-01", "adjust": 2.50, "reason": "12"}],
             "ask": ["2027-12-31"], "expect": [{"asOf": "2027-12-31", "balance": 26.5}]}""";

    static Stream<Path> cases() throws IOException {
        return CasesTest.cases();
    }

    @ParameterizedTest
    @MethodSource("cases")
    void laidOutForPeopleSaysTheSame(Path file) throws IOException {
        WrittenCase read = WrittenCase.read(Files.readString(file));
        WrittenCase laidOut = WrittenCase.read(read.text());
        assertThat(laidOut.run()).isEqualTo(read.run()).allMatch(WrittenCase.Outcome::isKept);
        assertThat(laidOut.text()).isEqualTo(read.text());
        assertThat(WrittenCase.read(read.exact()).run()).isEqualTo(read.run());
    }

    @ParameterizedTest
    @MethodSource("cases")
    void thePolicyTakenOutAndPutBackIsTheSame(Path file) throws IOException {
        WrittenCase read = WrittenCase.read(Files.readString(file));
        WrittenCase without = read.withoutPolicy();
        assertThat(without.hasPolicy()).isFalse();
        WrittenCase again = without.under(read.versions());
        if (read.versions().get(0).from().isEmpty()) {
            assertThat(again.run()).isEqualTo(read.run());
        }
    }

    @ParameterizedTest
    @MethodSource("cases")
    void anAccountWrittenAsACaseHasTheSameLedger(Path file) throws IOException {
        CaseFile read = CaseFile.read(file);
        LocalDate through = read.ask().stream().max(LocalDate::compareTo).orElseThrow();
        WrittenCase written = WrittenCase.of(read.name(), read.account(), through)
                .under(WrittenCase.read(Files.readString(file)).versions());
        CaseFile again = CaseFile.read(JsonText.read(asking(written, through)));
        assertThat(Derivation.derive(again.account().withPolicy(read.account().policy()), through)
                        .lines())
                .isEqualTo(Derivation.derive(read.account(), through).lines());
    }

    private static String asking(WrittenCase written, LocalDate day) {
        String exact = written.exact();
        return exact.substring(0, exact.length() - 1) + ", \"ask\": [\"" + day + "\"]}";
    }

    @Test
    void isHeldAgainstOneTextOrAnother() {
        WrittenCase example = WrittenCase.read(PERSON);
        assertThat(example.under(List.of(monthly("24"))).run()).allMatch(WrittenCase.Outcome::isKept);
        assertThat(example.under(List.of(monthly("36"))).run())
                .noneMatch(WrittenCase.Outcome::isKept)
                .allSatisfy(day -> assertThat(day.figures().get("balance")).hasToString("38.5"));
    }

    @Test
    void theFirstVersionHasHeldAlwaysAndLaterOnesFromTheirDays() {
        WrittenVersion first = new WrittenVersion(Optional.of(LocalDate.of(2027, 6, 1)), "days", "01-01", terms("24"));
        WrittenVersion later = new WrittenVersion(Optional.of(LocalDate.of(2027, 7, 1)), "days", "01-01", terms("12"));
        assertThat(WrittenCase.read(PERSON).under(List.of(later, first)).run())
                .allSatisfy(day -> assertThat(day.figures().get("balance")).hasToString("20.5"));
    }

    @Test
    void aLineForEachFactAndWordsThatLookLikeNumbersStayWords() {
        assertThat(WrittenCase.read(PERSON).under(List.of(monthly("24"))).text())
                .isEqualTo(
                        """
                {
                  "case": "Half time",
                  "employee": {
                    "hired": "2027-01-04"
                  },
                  "policy": {
                    "unit": "days",
                    "benefitYear": "01-01",
                    "earning": {"method": "per-period", "every": "month", "perYear": 24, "partial": "full"}
                  },
                  "facts": [
                    {"on": "2027-02-01", "adjust": 2.50, "reason": "12"}
                  ],
                  "ask": ["2027-12-31"],
                  "expect": [
                    {"asOf": "2027-12-31", "balance": 26.5}
                  ]
                }
                """);
    }

    @Test
    void saysWhereSomethingIsWrong() {
        assertThatThrownBy(() -> WrittenCase.read("[]")).hasMessage("must be an object");
        assertThatThrownBy(() -> WrittenCase.read("{}")).hasMessage("case: is required");
        WrittenCase broken = WrittenCase.read(PERSON.replace("2.50", "\"much\""));
        assertThatThrownBy(() -> broken.under(List.of(monthly("24"))).run())
                .isInstanceOfSatisfying(InvalidCase.class, invalid -> {
                    assertThat(invalid.place()).isEqualTo("facts[0].adjust");
                    assertThat(invalid.why()).isEqualTo("must be a number, not much");
                });
    }

    private static WrittenVersion monthly(String perYear) {
        return new WrittenVersion(Optional.empty(), "days", "01-01", terms(perYear));
    }

    private static String terms(String perYear) {
        return "{\"earning\": {\"method\": \"per-period\", \"every\": \"month\", \"perYear\": \"" + perYear
                + "\", \"partial\": \"full\", \"months\": null}, \"tenure\": [], \"scaleByFte\": false}";
    }
}
