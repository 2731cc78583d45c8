package upahead.server.platform.pdf;

import com.lowagie.text.Element;
import com.lowagie.text.Font;
import com.lowagie.text.Phrase;
import com.lowagie.text.Rectangle;
import com.lowagie.text.pdf.PdfPCell;
import com.lowagie.text.pdf.PdfPTable;
import java.awt.Color;
import java.util.List;

/** A plain table on paper: a line under each row, figures to the right. */
public final class PdfTable {

    private static final Color LINE = new Color(0xD8, 0xCF, 0xBC);
    private static final float PADDING = 4;
    private static final float FULL_WIDTH = 100;

    private final PdfPTable table;
    private final List<Boolean> figures;

    /**
     * @param widths of the columns, in relation to each other
     * @param figures which columns hold figures
     */
    public PdfTable(float[] widths, List<String> headings, List<Boolean> figures) {
        this.table = new PdfPTable(widths);
        this.figures = figures;
        table.setWidthPercentage(FULL_WIDTH);
        table.setHeaderRows(1);
        table.setSpacingBefore(PADDING);
        for (int at = 0; at < headings.size(); at++) {
            table.addCell(cell(headings.get(at), PdfFonts.STRONG, figures.get(at)));
        }
    }

    /** Adds a row; the last cell stands out where that is wanted. */
    public void row(List<String> cells, boolean lastStandsOut) {
        for (int at = 0; at < cells.size(); at++) {
            Font font = lastStandsOut && at == cells.size() - 1 ? PdfFonts.STRONG : PdfFonts.TEXT;
            table.addCell(cell(cells.get(at), font, figures.get(at)));
        }
    }

    public PdfPTable table() {
        return table;
    }

    private static PdfPCell cell(String text, Font font, boolean figure) {
        PdfPCell cell = new PdfPCell(new Phrase(text, font));
        cell.setHorizontalAlignment(figure ? Element.ALIGN_RIGHT : Element.ALIGN_LEFT);
        cell.setBorder(Rectangle.BOTTOM);
        cell.setBorderColor(LINE);
        cell.setPadding(PADDING);
        cell.setPaddingLeft(0);
        return cell;
    }
}
