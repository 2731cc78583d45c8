package upahead.server.platform.files;

import jakarta.annotation.Nullable;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/**
 * A CSV file to be saved. It begins with the mark by which spreadsheets know that it is Unicode, and no cell of it is
 * taken for a formula.
 *
 * @param name with its ending
 */
public record CsvFile(String name, String content) {

    static final String BYTE_ORDER_MARK = "\uFEFF";
    static final MediaType TYPE = MediaType.parseMediaType("text/csv;charset=utf-8");
    private static final Pattern FIGURE = Pattern.compile("-?\\d+(\\.\\d+)?");

    /**
     * @param rows cells in the order of the headings; null is an empty cell
     */
    public static CsvFile of(String name, List<String> headings, List<? extends List<?>> rows) {
        StringBuilder text = new StringBuilder(BYTE_ORDER_MARK);
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader(headings.toArray(String[]::new))
                .get();
        try (CSVPrinter printer = new CSVPrinter(text, format)) {
            for (List<?> row : rows) {
                printer.printRecord(row.stream().map(CsvFile::cell));
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return new CsvFile(name, text.toString());
    }

    /** The text of a cell, marked where a spreadsheet would take it for a formula; nothing is an empty cell. */
    public static String cell(@Nullable Object value) {
        String text = value == null ? "" : value.toString();
        boolean looksLikeAFormula = !text.isEmpty()
                && "=+-@\t\r".indexOf(text.charAt(0)) >= 0
                && !FIGURE.matcher(text).matches();
        return looksLikeAFormula ? "'" + text : text;
    }

    /** The lines without the mark, for reading them again. */
    public List<String> lines() {
        return Arrays.asList(content.substring(BYTE_ORDER_MARK.length()).split("\r\n"));
    }

    /** The file as an answer that a browser saves. */
    public ResponseEntity<String> answer() {
        return SavedFile.answer(name, TYPE, content);
    }
}
