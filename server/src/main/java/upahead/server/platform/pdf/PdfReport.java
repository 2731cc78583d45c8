package upahead.server.platform.pdf;

import com.lowagie.text.Document;
import com.lowagie.text.DocumentException;
import com.lowagie.text.Element;
import com.lowagie.text.PageSize;
import com.lowagie.text.Paragraph;
import com.lowagie.text.Phrase;
import com.lowagie.text.pdf.ColumnText;
import com.lowagie.text.pdf.PdfPageEventHelper;
import com.lowagie.text.pdf.PdfWriter;
import java.io.OutputStream;
import java.util.List;

/** A table over as many pages as it takes, lying, with its headings and a number on each. */
public final class PdfReport {

    private static final float MARGIN = 36;
    private static final float FOOT = 20;
    private static final int ROWS_AT_ONCE = 200;

    private final Document document = new Document(PageSize.A4.rotate(), MARGIN, MARGIN, MARGIN, MARGIN);
    private final PdfTable table;
    private int rows;

    /**
     * Begins a report.
     *
     * @param says under the title, perhaps empty
     * @param widths of the columns, in relation to each other
     * @param figures which columns hold figures
     */
    public PdfReport(
            OutputStream out, String title, String says, float[] widths, List<String> headings, List<Boolean> figures) {
        try {
            PdfWriter.getInstance(document, out).setPageEvent(new Numbered(title));
        } catch (DocumentException impossible) {
            throw new IllegalStateException(impossible);
        }
        document.addTitle(title);
        document.open();
        document.add(new Paragraph(title, PdfFonts.TITLE));
        document.add(new Paragraph(says, PdfFonts.ASIDE));
        this.table = new PdfTable(widths, headings, figures);
        table.table().setComplete(false);
    }

    public void row(List<String> cells) {
        table.row(cells, false);
        rows++;
        if (rows % ROWS_AT_ONCE == 0) {
            document.add(table.table());
        }
    }

    /**
     * Ends it with what is said last, such as sums.
     *
     * @param last a row that stands out; none where it is empty
     */
    public void end(List<String> last) {
        if (!last.isEmpty()) {
            table.row(last, true);
        }
        table.table().setComplete(true);
        document.add(table.table());
        document.close();
    }

    private static final class Numbered extends PdfPageEventHelper {

        private final String title;

        Numbered(String title) {
            this.title = title;
        }

        @Override
        public void onEndPage(PdfWriter writer, Document page) {
            ColumnText.showTextAligned(
                    writer.getDirectContent(),
                    Element.ALIGN_RIGHT,
                    new Phrase(title + ", page " + writer.getPageNumber(), PdfFonts.ASIDE),
                    page.right(),
                    FOOT,
                    0);
        }
    }
}
