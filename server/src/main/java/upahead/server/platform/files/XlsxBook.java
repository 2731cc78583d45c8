package upahead.server.platform.files;

import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.dhatim.fastexcel.Workbook;
import org.dhatim.fastexcel.Worksheet;
import upahead.core.quantity.Amount;

/**
 * A workbook that is written while its rows come, sheet after sheet, so that it never is in memory as a whole. Headings
 * stay in sight, amounts are numbers, dates are dates, and no text is taken for a formula.
 */
public final class XlsxBook {

    private static final String PROGRAM = "Up Ahead";
    private static final String FORMAT = "1.0";
    private static final String DATE = "yyyy-mm-dd";
    private static final int ROWS_AT_ONCE = 500;
    private static final int LONGEST_NAME = 31;
    private static final int WIDTH = 16;

    private final Workbook workbook;
    private final Set<String> names = new HashSet<>();
    private Worksheet sheet;
    private int rows;

    public XlsxBook(OutputStream out) {
        this.workbook = new Workbook(out, PROGRAM, FORMAT);
    }

    /**
     * Begins another sheet.
     *
     * @param name shortened where it is too long, and numbered where there is one of that name
     */
    public void sheet(String name, List<String> headings) {
        endSheet();
        sheet = workbook.newWorksheet(unused(name));
        rows = 0;
        row(headings);
        if (!headings.isEmpty()) {
            sheet.range(0, 0, 0, headings.size() - 1).style().bold().set();
        }
        sheet.freezePane(0, 1);
        for (int column = 0; column < headings.size(); column++) {
            sheet.width(column, Math.max(WIDTH, headings.get(column).length() + 2));
        }
    }

    private String unused(String name) {
        String plain = name.replaceAll("[\\[\\]*/\\\\?:']", " ").strip();
        String base = plain.isEmpty() ? PROGRAM : plain;
        String tried = cut(base, LONGEST_NAME);
        for (int number = 2; !names.add(tried.toLowerCase(Locale.ROOT)); number++) {
            String end = " " + number;
            tried = cut(base, LONGEST_NAME - end.length()) + end;
        }
        return tried;
    }

    private static String cut(String text, int length) {
        return text.length() > length ? text.substring(0, length) : text;
    }

    /**
     * @param cells amounts and dates as what they are, all else as text; null is an empty cell
     */
    public void row(List<?> cells) {
        for (int column = 0; column < cells.size(); column++) {
            Object cell = cells.get(column);
            if (cell instanceof Amount amount) {
                sheet.value(rows, column, amount.value());
            } else if (cell instanceof LocalDate date) {
                sheet.value(rows, column, date);
                sheet.style(rows, column).format(DATE).set();
            } else if (cell != null) {
                sheet.value(rows, column, cell.toString());
            }
        }
        rows++;
        if (rows % ROWS_AT_ONCE == 0) {
            flush();
        }
    }

    private void flush() {
        try {
            sheet.flush();
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    private void endSheet() {
        if (sheet != null) {
            try {
                sheet.finish();
            } catch (IOException failed) {
                throw new UncheckedIOException(failed);
            }
        }
    }

    /** Ends it; nothing can be added after this. */
    public void finish() {
        endSheet();
        try {
            workbook.finish();
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }
}
