package upahead.server.platform.files;

import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.function.Consumer;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.springframework.http.MediaType;

/** Writes tables of whatever length, row by row as they come. */
public final class TableWriting {

    /** Of a file that is written here. */
    public static final MediaType CSV = CsvFile.TYPE;

    public static final MediaType XLSX = XlsxFile.TYPE;

    private TableWriting() {}

    /**
     * Writes a CSV file.
     *
     * @param rows gives all rows to whoever takes them, each with a cell for every heading
     */
    public static void csv(OutputStream out, List<String> headings, Consumer<Consumer<List<?>>> rows)
            throws IOException {
        OutputStreamWriter text = new OutputStreamWriter(out, StandardCharsets.UTF_8);
        text.write(CsvFile.BYTE_ORDER_MARK);
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader(headings.toArray(String[]::new))
                .get();
        CSVPrinter printer = new CSVPrinter(text, format);
        rows.accept(row -> {
            try {
                printer.printRecord(row.stream().map(CsvFile::cell));
            } catch (IOException failed) {
                throw new UncheckedIOException(failed);
            }
        });
        printer.flush();
    }
}
