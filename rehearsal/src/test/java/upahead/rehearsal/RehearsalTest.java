package upahead.rehearsal;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RehearsalTest {

    private static final String CASE =
            """
            {"case": "small", "employee": {"hired": "2027-01-04"},
             "policy": {"unit": "hours", "earning": {"method": "upfront", "amount": 40}},
             "facts": [{"on": "2027-02-01", "take": 7.50}],
             "ask": ["2027-02-01"],
             "expect": [{"asOf": "2027-02-01", "balance": 32.5}]}
            """;

    private final ByteArrayOutputStream out = new ByteArrayOutputStream();
    private final ByteArrayOutputStream err = new ByteArrayOutputStream();

    @TempDir
    Path folder;

    @Test
    void printsOneObjectForEveryDateAskedFor() throws IOException {
        assertThat(run(file("good.json", CASE))).isZero();
        assertThat(text(out))
                .isEqualToIgnoringNewLines(
                        """
                        {"case":"small","asOf":"2027-02-01","balance":"32.5","available":"32.5",\
                        "earnedThisYear":"40","usedThisYear":"7.5","withheldThisYear":"0","lapsed":"0","paidOut":"0"}""");
    }

    @Test
    void aDifferenceEndsWithOneAndSaysBoth() throws IOException {
        assertThat(run(file("different.json", CASE.replace("32.5", "33")))).isEqualTo(1);
        assertThat(text(err)).contains("different.json: 2027-02-01: balance is 32.5, expected 33");
    }

    @Test
    void anInvalidFileEndsWithTwoAfterAllOthersHaveBeenDone() throws IOException {
        Path bad = file("bad.json", CASE.replace("upfront", "monthly"));
        assertThat(run(bad, file("good.json", CASE))).isEqualTo(2);
        assertThat(text(out)).contains("\"balance\":\"32.5\"");
        assertThat(text(err)).contains("bad.json: policy.earning.method: must be one of");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"amount\": 40|\"amount\": 40, \"amuont\": 3|policy.earning.amuont: is not a known key here",
                "\"amount\": 40|\"amount\": \"forty\"|policy.earning.amount: must be a number, not forty",
                "2027-01-04|+12027-01-04|employee.hired: must be a date from 0001-01-01 to 9999-12-31, not +12027-01-04",
                "\"amount\": 40|\"amount\": -1|policy.earning.amount: the amount granted a year must be at least 0, not -1",
                "2027-01-04|2027-02-30|employee.hired: must be a date such as 2027-01-31, not 2027-02-30",
                "\"ask\": [\"2027-02-01\"]|\"ask\": [\"2027-02-02\"]|expect[0].asOf: 2027-02-01 is not among the dates",
                "\"take\": 7.50|\"take\": 7.50, \"adjust\": 1|facts[0]: needs exactly one of work, take, adjust, opening",
                "\"unit\": \"hours\"|\"unit\": \"weeks\"|policy.unit: must be one of hours, days, not weeks",
                "\"amount\": 40|\"amount\": 40, \"firstYear\": \"half\"|policy.earning.firstYear: must be one of full, by-days",
                "\"hours\", |\"hours\", \"tenure\": [{\"fromYears\": 1.5, \"amount\": 2}], |policy.tenure[0].fromYears: must be a whole",
                "\"hours\", |\"hours\", \"limits\": {\"balance\": -5}, |policy.limits: a limit must be at least 0, not -5",
                "\"hours\", |\"hours\", \"waitToUse\": {\"days\": 3, \"months\": 1}, |policy.waitToUse: needs exactly one of days",
                "\"hours\", |\"hours\", \"rounding\": {\"step\": 0}, |policy.rounding: the rounding step must be above zero",
                "\"hours\", |\"hours\", \"yearEnd\": {\"carriedUsable\": {\"until\": \"02-30\"}}, |policy.yearEnd.carriedUsable.until: must be a month and day",
                "\"2027-01-04\"|\"2027-01-04\", \"lastDay\": \"2026-12-31\"|employee: the last day 2026-12-31 is before the hire",
                "7.50}|7.50}, {\"on\": \"2027-03-01\", \"opening\": 1}, {\"on\": \"2027-03-01\", \"opening\": 2}|facts: there are two opening",
                "7.50}|7.50}, {\"from\": \"2027-03-02\", \"to\": \"2027-03-01\", \"work\": \"scheduled\"}|facts[1]: the last day",
                "7.50}|7.50}, {\"on\": \"2027-03-01\", \"opening\": 3, \"lots\": [{\"amount\": 2}]}|facts[1]: the lots of the opening",
                "\"case\": \"small\",|\"case\": \"small\" |line 1, column 18: is not JSON here: a comma",
                "\"case\": \"small\",|\"case\": \"\",|case: must not be empty",
                "\"case\": \"small\",|\"case\": \"small\", \"case\": \"twice\",|case: stands twice",
                "\"amount\": 40|\"amount\": 1E+2147483648|policy.earning.amount: is a number of more than 30 digits",
                "\"amount\": 40|\"amount\": \"1E2\"|policy.earning.amount: must be a number, not 1E2",
                "\"amount\": 40|\"amount\": \"+40\"|policy.earning.amount: must be a number, not +40",
                "\"amount\": 40|\"amount\": \"040\"|policy.earning.amount: must be a number, not 040",
                "\"amount\": 40|\"amount\": 1234567890123456789012345678901|policy.earning.amount: is a number of more",
                "\"unit\": \"hours\"|\"unit\": \"hours\", \"from\": \"2027-01-01\"|policy.from: is not a known key here",
                "\"unit\": \"hours\"|\"unit\": \"hours\", \"scaleByFte\": true, \"scaleByDaysOfWeek\": 5|policy.scaleByDaysOfWeek: cannot stand beside",
                "\"unit\": \"hours\"|\"unit\": \"hours\", \"scaleByDaysOfWeek\": 8|policy.scaleByDaysOfWeek: a full week has from 1 to 7 days",
                "7.50}|7.50}, {\"on\": \"2027-03-01\", \"opening\": 1, \"usedThisYear\": -1}|facts[1].usedThisYear: must be at least 0",
                "7.50}|7.50}, {\"on\": \"2027-03-01\", \"adjust\": 1, \"reason\": \" \"}|facts[1].reason: must not be empty",
                "7.50}|7.50}, {\"on\": \"2027-03-01\", \"from\": \"2027-03-01\", \"to\": \"2027-03-01\", \"work\": \"scheduled\"}|facts[1]: needs either on",
            })
    void aFaultIsNamedByItsPathAndReason(String part, String instead, String message) throws IOException {
        assertThat(run(file("faulty.json", CASE.replace(part, instead)))).isEqualTo(2);
        assertThat(text(err)).contains("faulty.json: " + message).doesNotContain("Exception");
    }

    @Test
    void aMethodThatChangesInsideAPayPeriodIsRefused() throws IOException {
        String versions = CASE.replace(
                "{\"unit\": \"hours\", \"earning\": {\"method\": \"upfront\", \"amount\": 40}}",
                """
                        [{"from": "2027-01-01", "unit": "hours", "earning": {"method": "upfront", "amount": 40}},
                         {"from": "2027-03-03", "unit": "hours", "earning": {"method": "none"}}]""");
        assertThat(run(file("inside.json", versions))).isEqualTo(2);
        assertThat(text(err)).contains("inside.json: policy: the version from 2027-03-03 changes how or when");
        assertThat(run(file("first.json", versions.replace("2027-03-03", "2027-03-01"))))
                .isZero();
    }

    @Test
    void aNumberOfAMillionDigitsIsRefusedAtOnce() throws IOException {
        String digits = "7".repeat(1_000_000);
        Path text = file("text.json", CASE.replace("\"amount\": 40", "\"amount\": \"" + digits + "\""));
        Path number = file("number.json", CASE.replace("\"amount\": 40", "\"amount\": " + digits));
        assertThat(run(text, number)).isEqualTo(2);
        assertThat(text(err).lines()).hasSize(2).allSatisfy(line -> assertThat(line)
                .endsWith("policy.earning.amount: is a number of more than 30 digits"));
    }

    @Test
    void numbersAreReadExactlyHoweverTheyAreWritten() throws IOException {
        Path exact = file(
                "exact.json",
                CASE.replace("\"amount\": 40", "\"amount\": \"40.00000000000000000000000001\"")
                        .replace("32.5}", "\"32.50000000000000000000000001\"}")
                        .replace("\"unit\"", "\"rounding\": {\"step\": 1e-26}, \"unit\""));
        assertThat(run(exact)).isZero();
    }

    @Test
    void aByteOrderMarkIsNoPartOfTheText() throws IOException {
        assertThat(run(file("marked.json", "\uFEFF" + CASE))).isZero();
    }

    @Test
    void whatBringsNothingMakesNoLineButAnOpeningAlwaysDoes() throws IOException {
        String nothing = CASE.replace(
                "\"facts\": [",
                "\"facts\": [{\"on\": \"2027-01-10\", \"opening\": 0}, {\"on\": \"2027-01-11\", \"adjust\": 0, \"reason\": \"none\"},"
                        + " {\"on\": \"2027-01-11\", \"take\": 0},");
        run(List.of("--ledger", file("nothing.json", nothing).toString()));
        assertThat(text(out).lines().filter(line -> line.contains("\"what\"")))
                .satisfiesExactly(
                        line -> assertThat(line).contains("\"what\":\"opening\",\"amount\":\"0\""),
                        line -> assertThat(line).contains("\"what\":\"taken\",\"amount\":\"-7.5\""));
    }

    @Test
    void adjustmentsOfADayComeLargestFirstAndThenByReason() throws IOException {
        String adjusted = CASE.replace("{\"on\": \"2027-02-01\", \"take\": 7.50}", adjustments());
        run(List.of("--ledger", file("adjusted.json", adjusted).toString()));
        assertThat(text(out).lines().filter(line -> line.contains("adjusted\",\"amount")))
                .extracting(line -> line.replaceAll(".*\"amount\":\"(.*?)\".*Adjusted: (.*)\"}", "$1 $2"))
                .containsExactly("5 z", "2 a", "2 b", "-3 y", "-1 x");
    }

    private static String adjustments() {
        return Stream.of("-1 x", "2 b", "-3 y", "5 z", "2 a")
                .map(each -> each.split(" "))
                .map(each -> "{\"on\": \"2027-02-01\", \"adjust\": %s, \"reason\": \"%s\"}".formatted(each[0], each[1]))
                .collect(Collectors.joining(", "));
    }

    @Test
    void outputThatCannotBeWrittenEndsWithTwo() throws IOException {
        PrintStream full = new PrintStream(new OutputStream() {
            @Override
            public void write(int each) throws IOException {
                throw new IOException("no room");
            }
        });
        List<String> files = List.of(file("good.json", CASE).toString());
        assertThat(Rehearsal.run(files, full, new PrintStream(err))).isEqualTo(2);
        assertThat(text(err)).contains("could not be written");
    }

    @Test
    void hundredsOfFilesRunInOneGo() throws IOException {
        Path[] files = new Path[300];
        for (int i = 0; i < files.length; i++) {
            files[i] = file("case" + i + ".json", CASE);
        }
        assertThat(run(files)).isZero();
        assertThat(text(out).lines()).hasSize(300);
    }

    @Test
    void whatIsNoTextOrNoFileIsSaidSo() throws IOException {
        Path bytes = Files.write(folder.resolve("bytes.json"), new byte[] {(byte) 0xff, (byte) 0xfe, 0, 1});
        assertThat(run(bytes, folder)).isEqualTo(2);
        assertThat(text(err))
                .contains("is not a text in UTF-8")
                .contains("is a folder")
                .doesNotContain("Exception");
    }

    @Test
    void aMissingFileIsSaidToBeMissing() {
        assertThat(run(folder.resolve("nowhere.json"))).isEqualTo(2);
        assertThat(text(err)).contains("there is no such file");
    }

    private int run(Path... files) {
        List<String> arguments = List.of(files).stream().map(Path::toString).toList();
        return run(arguments);
    }

    private int run(List<String> arguments) {
        return Rehearsal.run(arguments, new PrintStream(out), new PrintStream(err));
    }

    private Path file(String name, String content) throws IOException {
        return Files.writeString(folder.resolve(name), content);
    }

    private static String text(ByteArrayOutputStream bytes) {
        return bytes.toString(StandardCharsets.UTF_8);
    }
}
