package upahead.server.platform.files;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import org.dhatim.fastexcel.Workbook;
import org.dhatim.fastexcel.Worksheet;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import upahead.core.quantity.Amount;

/**
 * A workbook to be saved.
 *
 * @param name with its ending
 */
public record XlsxFile(String name, byte[] content) {

    private static final MediaType XLSX =
            MediaType.parseMediaType("application/vnd.openxmlformats-officedocument.spreadsheetml.sheet");
    private static final String PROGRAM = "Up Ahead";
    private static final String FORMAT = "1.0";

    /** A workbook of one sheet, row by row. */
    public static final class Sheet {

        private final String name;
        private final ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        private final Workbook workbook = new Workbook(bytes, PROGRAM, FORMAT);
        private final Worksheet sheet;
        private int rows;

        private Sheet(String name, List<String> headings) {
            this.name = name;
            this.sheet = workbook.newWorksheet(PROGRAM);
            row(headings);
            sheet.range(0, 0, 0, headings.size() - 1).style().bold().set();
            sheet.freezePane(0, 1);
        }

        /**
         * @param cells amounts as numbers, all else as text
         */
        public void row(List<?> cells) {
            for (int column = 0; column < cells.size(); column++) {
                Object cell = cells.get(column);
                if (cell instanceof Amount amount) {
                    sheet.value(rows, column, amount.value());
                } else if (cell != null) {
                    sheet.value(rows, column, cell.toString());
                }
            }
            rows++;
        }

        public XlsxFile file() {
            try {
                workbook.finish();
            } catch (IOException impossible) {
                throw new UncheckedIOException(impossible);
            }
            return new XlsxFile(name + ".xlsx", bytes.toByteArray());
        }
    }

    /** Begins a workbook with its headings. */
    public static Sheet sheet(String name, List<String> headings) {
        return new Sheet(name, headings);
    }

    /** The file as an answer that a browser saves. */
    public ResponseEntity<byte[]> answer() {
        return SavedFile.answer(name, XLSX, content);
    }
}
