package upahead.server.payruns.statements;

import com.lowagie.text.Document;
import com.lowagie.text.DocumentException;
import com.lowagie.text.Font;
import com.lowagie.text.PageSize;
import com.lowagie.text.Paragraph;
import com.lowagie.text.pdf.PdfWriter;
import java.io.ByteArrayOutputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import upahead.core.calendar.DateSpan;
import upahead.core.quantity.Amount;
import upahead.server.payruns.FrozenStatement;
import upahead.server.payruns.HandedOver;
import upahead.server.payruns.RunTotals;
import upahead.server.payruns.Statement.Balance;
import upahead.server.platform.pdf.PdfFonts;
import upahead.server.platform.pdf.PdfTable;
import upahead.server.platform.words.Words;

/** A statement as a PDF: what is paid for the period, each balance, and what lapses next. */
final class StatementPage {

    private static final float MARGIN = 48;
    private static final float SPACE = 14;

    /** A figure of a balance, which is left out where all of them are 0. */
    private record Figure(String heading, Function<RunTotals, Amount> of) {}

    private static final List<Figure> FIGURES = List.of(
            new Figure("+ Earned", RunTotals::earned),
            new Figure("− Used", RunTotals::used),
            new Figure("± Adjusted", RunTotals::adjusted),
            new Figure("− Lapsed", RunTotals::lapsed),
            new Figure("− Paid out", RunTotals::paidOut),
            new Figure("± Corrected", RunTotals::corrections));

    private final Document document = new Document(PageSize.A4, MARGIN, MARGIN, MARGIN, MARGIN);
    private final FrozenStatement frozen;

    private StatementPage(FrozenStatement frozen) {
        this.frozen = frozen;
    }

    static byte[] of(FrozenStatement frozen) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        StatementPage page = new StatementPage(frozen);
        try {
            PdfWriter.getInstance(page.document, bytes);
            page.write();
        } catch (DocumentException impossible) {
            throw new IllegalStateException(impossible);
        }
        return bytes.toByteArray();
    }

    private void write() {
        DateSpan period = frozen.run().period();
        document.addTitle("Statement of " + frozen.statement().person() + ", " + Words.span(period) + " "
                + period.last().getYear());
        document.open();
        add(frozen.statement().person(), PdfFonts.TITLE, 0);
        add(frozen.statement().code() + ", " + frozen.statement().team() + ", " + frozen.payGroup(), PdfFonts.ASIDE, 2);
        add("Statement for " + Words.span(period) + " " + period.last().getYear(), PdfFonts.HEADING, SPACE);
        add("Paid on " + Words.fullDay(frozen.run().paysOn()), PdfFonts.TEXT, 2);
        paid();
        balances();
        ahead();
        add(
                "Closed on " + Words.fullDay(frozen.run().closedAt().toLocalDate())
                        + ". What is changed later about these days comes as a correction on a later statement.",
                PdfFonts.ASIDE,
                SPACE);
        document.close();
    }

    private void paid() {
        add("Hours and leave for payroll", PdfFonts.HEADING, SPACE);
        if (frozen.lines().isEmpty()) {
            add("None in this period.", PdfFonts.TEXT, 2);
            return;
        }
        PdfTable table = new PdfTable(
                new float[] {5, 2, 4, 2, 2},
                List.of("What", "Code", "About", "Unit", "Amount"),
                List.of(false, false, false, false, true));
        for (HandedOver line : frozen.lines()) {
            table.row(
                    List.of(
                            line.what() + (line.sort() == HandedOver.Sort.CORRECTION ? ", correction" : ""),
                            line.payrollCode(),
                            Words.span(line.about()),
                            unit(line.unit().name()),
                            figure(line.amount())),
                    true);
        }
        document.add(table.table());
    }

    private void balances() {
        List<Balance> kept = frozen.statement().balances().stream()
                .filter(balance -> !balance.recordedOnly())
                .toList();
        add("Balances", PdfFonts.HEADING, SPACE);
        if (kept.isEmpty()) {
            add("No policy with a balance.", PdfFonts.TEXT, 2);
            return;
        }
        List<Figure> figures = FIGURES.stream()
                .filter(figure -> kept.stream()
                        .anyMatch(
                                balance -> !figure.of().apply(balance.totals()).isZero()))
                .toList();
        List<String> headings = new ArrayList<>(List.of("Policy", "Unit", "Opening"));
        figures.forEach(figure -> headings.add(figure.heading()));
        headings.addAll(List.of("Available", "= Closing"));
        float[] widths = new float[headings.size()];
        List<Boolean> right = new ArrayList<>();
        for (int at = 0; at < widths.length; at++) {
            widths[at] = at == 0 ? 4 : 2;
            right.add(at > 1);
        }
        PdfTable table = new PdfTable(widths, headings, right);
        kept.forEach(balance -> table.row(cells(balance, figures), true));
        document.add(table.table());
    }

    private static List<String> cells(Balance balance, List<Figure> figures) {
        List<String> cells = new ArrayList<>(List.of(
                balance.policy(),
                unit(balance.unit().name()),
                figure(balance.totals().opening())));
        figures.forEach(figure -> cells.add(figure(figure.of().apply(balance.totals()))));
        cells.add(balance.available() == null ? "" : figure(balance.available()));
        cells.add(figure(balance.totals().closing()));
        return cells;
    }

    private void ahead() {
        List<Balance> lapsing = frozen.statement().balances().stream()
                .filter(balance -> balance.lapseOn() != null)
                .toList();
        if (!lapsing.isEmpty()) {
            add("What lapses next, unless it is used", PdfFonts.HEADING, SPACE);
            lapsing.forEach(balance -> add(
                    Words.amount(balance.lapses(), balance.unit()) + " of " + balance.policy() + ": last day of use "
                            + Words.fullDay(balance.lapseOn().minusDays(1)) + ".",
                    PdfFonts.TEXT,
                    2));
        }
    }

    private void add(String text, Font font, float spaceBefore) {
        Paragraph paragraph = new Paragraph(text, font);
        paragraph.setSpacingBefore(spaceBefore);
        document.add(paragraph);
    }

    private static String figure(Amount amount) {
        return Words.figure(amount).replace('-', '−');
    }

    private static String unit(String name) {
        return name.toLowerCase(Locale.ROOT);
    }
}
