package upahead.rehearsal;

import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonGenerator;
import java.io.IOException;
import java.io.PrintStream;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import upahead.core.ledger.Derivation;
import upahead.core.ledger.Ledger;
import upahead.core.ledger.LedgerLine;
import upahead.core.ledger.PlainWords;
import upahead.core.quantity.Amount;
import upahead.written.Choices;

/** The command that runs case files: figures to standard output, differences and faults to standard error. */
public final class Rehearsal {

    private static final int DIFFERENT = 1;
    private static final int INVALID = 2;
    private static final JsonFactory JSON = new JsonFactory();

    private final PrintStream out;
    private final PrintStream err;
    private final boolean withLedger;
    private int status;

    private Rehearsal(PrintStream out, PrintStream err, boolean withLedger) {
        this.out = out;
        this.err = err;
        this.withLedger = withLedger;
    }

    public static void main(String[] arguments) {
        PrintStream out = new PrintStream(System.out, false, StandardCharsets.UTF_8);
        PrintStream err = new PrintStream(System.err, true, StandardCharsets.UTF_8);
        int status = run(Arrays.asList(arguments), out, err);
        System.exit(status);
    }

    /**
     * Runs case files one after the other.
     *
     * @param arguments file names and perhaps {@code --ledger}
     * @return 0 when all is as expected, 1 when a figure differs, 2 when a file is not valid or the output cannot be written
     */
    static int run(List<String> arguments, PrintStream out, PrintStream err) {
        List<String> files = new ArrayList<>(arguments);
        boolean withLedger = files.removeIf("--ledger"::equals);
        if (files.isEmpty()) {
            err.println("usage: up-ahead rehearse [--ledger] FILE...");
            return INVALID;
        }
        Rehearsal rehearsal = new Rehearsal(out, err, withLedger);
        files.forEach(rehearsal::runFile);
        if (out.checkError()) {
            err.println("the output could not be written");
            return INVALID;
        }
        return rehearsal.status;
    }

    private void runFile(String file) {
        try {
            rehearse(file, CaseFile.read(Path.of(file)));
        } catch (InvalidCase invalid) {
            err.println(file + ": " + invalid.getMessage());
            status = INVALID;
        } catch (InvalidPathException noPath) {
            err.println(file + ": is not the name of a file");
            status = INVALID;
        } catch (DateTimeException | ArithmeticException | IllegalArgumentException beyond) {
            err.println(file + ": a date or number is too large to be reckoned with: " + beyond.getMessage());
            status = INVALID;
        }
    }

    private void rehearse(String file, CaseFile rehearsed) {
        LocalDate through = rehearsed.ask().stream().max(LocalDate::compareTo).orElse(LocalDate.MIN);
        Ledger ledger = Derivation.derive(rehearsed.account(), through);
        if (withLedger) {
            ledger.lines().forEach(line -> print(lineOf(rehearsed, line)));
        }
        for (LocalDate asOf : rehearsed.ask()) {
            Map<String, Amount> figures = Figures.on(ledger, asOf);
            Map<String, String> printed = new LinkedHashMap<>();
            printed.put("case", rehearsed.name());
            printed.put("asOf", asOf.toString());
            figures.forEach((name, amount) -> printed.put(name, amount.toString()));
            print(printed);
            rehearsed.expect().stream()
                    .filter(expected -> expected.asOf().equals(asOf))
                    .forEach(expected -> compare(file, expected, figures));
        }
    }

    private void compare(String file, CaseFile.Expected expected, Map<String, Amount> figures) {
        expected.figures().forEach((name, amount) -> {
            if (!amount.equals(figures.get(name))) {
                err.println(file + ": " + expected.asOf() + ": " + name + " is " + figures.get(name) + ", expected "
                        + amount);
                status = Math.max(status, DIFFERENT);
            }
        });
    }

    private static Map<String, String> lineOf(CaseFile rehearsed, LedgerLine line) {
        Map<String, String> printed = new LinkedHashMap<>();
        printed.put("case", rehearsed.name());
        printed.put("on", line.on().toString());
        printed.put("what", Choices.written(line.kind()));
        printed.put("amount", line.amount().toString());
        printed.put("withheld", line.withheld().toString());
        printed.put("balance", line.balance().toString());
        printed.put("why", PlainWords.why(line));
        return printed;
    }

    private void print(Map<String, String> object) {
        StringWriter text = new StringWriter();
        try (JsonGenerator generator = JSON.createGenerator(text)) {
            generator.writeStartObject();
            for (Map.Entry<String, String> entry : object.entrySet()) {
                generator.writeStringField(entry.getKey(), entry.getValue());
            }
            generator.writeEndObject();
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        out.println(text);
    }
}
