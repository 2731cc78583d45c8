package upahead.server.platform.files;

import java.io.ByteArrayOutputStream;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/**
 * A workbook to be saved.
 *
 * @param name with its ending
 */
public record XlsxFile(String name, byte[] content) {

    static final MediaType TYPE =
            MediaType.parseMediaType("application/vnd.openxmlformats-officedocument.spreadsheetml.sheet");
    private static final String ONLY_SHEET = "Up Ahead";

    /** A workbook of one sheet, row by row. */
    public static final class Sheet {

        private final String name;
        private final ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        private final XlsxBook book = new XlsxBook(bytes);

        private Sheet(String name, List<String> headings) {
            this.name = name;
            book.sheet(ONLY_SHEET, headings);
        }

        /**
         * @param cells amounts and dates as what they are, all else as text
         */
        public void row(List<?> cells) {
            book.row(cells);
        }

        public XlsxFile file() {
            book.finish();
            return new XlsxFile(name + ".xlsx", bytes.toByteArray());
        }
    }

    /** Begins a workbook with its headings. */
    public static Sheet sheet(String name, List<String> headings) {
        return new Sheet(name, headings);
    }

    /** The file as an answer that a browser saves. */
    public ResponseEntity<byte[]> answer() {
        return SavedFile.answer(name, TYPE, content);
    }
}
