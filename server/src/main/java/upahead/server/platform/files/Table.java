package upahead.server.platform.files;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import upahead.server.platform.problems.Refusal;

/**
 * Rows under headings, from a CSV file or from cells pasted out of a spreadsheet. Encoding and separator are found out.
 *
 * @param headings as they stand in the file, each once
 * @param encoding in words, as it was found out
 */
public record Table(List<String> headings, List<Row> rows, String encoding) {

    private static final int MOST_ROWS = 50_000;
    private static final List<Character> SEPARATORS = List.of('\t', ';', ',', '|');

    /**
     * One row.
     *
     * @param line on which it begins in the file, the heading's being 1
     * @param cells one for each heading, without surrounding space; empty where the row is too short
     * @param tooLong whether it had more cells than there are headings
     */
    public record Row(long line, List<String> cells, boolean tooLong) {

        /** The row as it can be shown. */
        public String text() {
            return String.join(", ", cells).replaceAll("(, )+$", "");
        }
    }

    /**
     * Reads a table.
     *
     * @throws Refusal if it has no rows, too many rows, a heading twice, or cannot be read as a table at all
     */
    public static Table read(byte[] content) {
        DecodedText text = DecodedText.of(content);
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setDelimiter(separator(text.text()))
                .setIgnoreEmptyLines(true)
                .setIgnoreSurroundingSpaces(true)
                .setTrim(true)
                .get();
        long line = 1;
        try (CSVParser parser = format.parse(new StringReader(text.text()))) {
            List<CSVRecord> records = new ArrayList<>();
            List<Long> lines = new ArrayList<>();
            for (CSVRecord row : parser) {
                if (row.stream().anyMatch(cell -> !cell.isEmpty())) {
                    records.add(row);
                    lines.add(line);
                }
                line = parser.getCurrentLineNumber() + 1;
            }
            return table(records, lines, text.encoding());
        } catch (IOException | UncheckedIOException | IllegalStateException unreadable) {
            throw Refusal.of(
                    "file",
                    "This cannot be read as a table: from line " + line
                            + " on, a quotation mark is missing or stands where none belongs.");
        }
    }

    private static Table table(List<CSVRecord> records, List<Long> lines, String encoding) {
        if (records.size() < 2) {
            throw Refusal.of("file", "There are no rows under the headings. The first line names the columns.");
        }
        if (records.size() > MOST_ROWS) {
            throw Refusal.of("file", "A file has at most " + MOST_ROWS + " rows; please split it.");
        }
        List<String> headings = headings(records.get(0));
        List<Row> rows = new ArrayList<>();
        for (int at = 1; at < records.size(); at++) {
            CSVRecord row = records.get(at);
            List<String> cells = new ArrayList<>(headings.size());
            for (int column = 0; column < headings.size(); column++) {
                cells.add(column < row.size() ? row.get(column) : "");
            }
            boolean tooLong = row.size() > headings.size()
                    && row.stream().skip(headings.size()).anyMatch(cell -> !cell.isEmpty());
            rows.add(new Row(lines.get(at), cells, tooLong));
        }
        return new Table(headings, rows, encoding);
    }

    private static List<String> headings(CSVRecord first) {
        List<String> headings = new ArrayList<>(first.toList());
        while (!headings.isEmpty() && headings.get(headings.size() - 1).isEmpty()) {
            headings.remove(headings.size() - 1);
        }
        Set<String> seen = new HashSet<>();
        for (String heading : headings) {
            if (!seen.add(heading.toLowerCase(Locale.ROOT))) {
                throw Refusal.of(
                        "file",
                        heading.isEmpty()
                                ? "The first line names the columns; some have no name."
                                : "The column “" + heading + "” stands in the first line twice.");
            }
        }
        return List.copyOf(headings);
    }

    /** The separator that stands in the first line most often, outside quotes. */
    private static char separator(String text) {
        String first = text.lines().filter(line -> !line.isBlank()).findFirst().orElse("");
        String unquoted = first.replaceAll("\"[^\"]*\"", "");
        return SEPARATORS.stream()
                .max(Comparator.comparingLong(separator ->
                        unquoted.chars().filter(each -> each == separator).count()))
                .filter(separator -> unquoted.indexOf(separator) >= 0)
                .orElse(',');
    }

    /**
     * The cell of a row under a heading, empty where the heading is null.
     *
     * @throws Refusal if there is no such heading
     */
    public String cell(Row row, String heading) {
        if (heading == null) {
            return "";
        }
        int at = headings.indexOf(heading);
        if (at < 0) {
            throw Refusal.of("columns", "There is no column “" + heading + "” in the file.");
        }
        return row.cells().get(at);
    }

    /** All cells under a heading that are not empty; none where the heading is null. */
    public Stream<String> cells(String heading) {
        return rows.stream().map(row -> cell(row, heading)).filter(cell -> !cell.isEmpty());
    }

    /**
     * Finds for each wanted column the heading that says so, whatever its case, spaces and dashes.
     *
     * @param names for each column all names it goes by
     */
    <C> Map<C, String> matched(Map<C, List<String>> names) {
        Map<C, String> matched = new HashMap<>();
        names.forEach((column, all) -> headings.stream()
                .filter(heading -> all.contains(plain(heading)))
                .findFirst()
                .ifPresent(heading -> matched.put(column, heading)));
        return matched;
    }

    private static String plain(String heading) {
        return heading.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]", "");
    }
}
