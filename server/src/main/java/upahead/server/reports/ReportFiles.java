package upahead.server.reports;

import java.io.IOException;
import java.io.OutputStream;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Service;
import upahead.core.calendar.PlainDates;
import upahead.server.platform.files.SpooledFile;
import upahead.server.platform.files.TableWriting;
import upahead.server.platform.files.XlsxBook;
import upahead.server.platform.pdf.PdfReport;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.platform.tables.ColumnView;
import upahead.server.platform.tables.Columns;

/** Reports as files, written row by row whatever their length. */
@Service
public class ReportFiles {

    private static final int MOST_SHEETS = 2_000;
    private static final int MOST_ON_PAPER = 20_000;

    private final Reports reports;

    ReportFiles(Reports reports) {
        this.reports = reports;
    }

    /** What a file can be. */
    public enum Format {
        CSV,
        XLSX,
        /** With a sheet for each person. */
        XLSX_A_SHEET_EACH,
        PDF
    }

    /**
     * A report as a file.
     *
     * @throws Refusal if there is no such report, if its rows are not of people and a sheet each is wanted, or if it is too
     *     long for sheets or for paper
     */
    @May(Permission.READ_REPORTS)
    public SpooledFile file(String name, ReportQuestion question, Format format) {
        return file(reports.named(name), question, format);
    }

    private <R extends Record> SpooledFile file(Report<R> report, ReportQuestion question, Format format) {
        String days = report.isOfOneDay() || question.days().days() == 1
                ? question.days().last().toString()
                : question.days().first() + "-to-" + question.days().last();
        String name = report.about().name() + "-" + days;
        return switch (format) {
            case CSV -> SpooledFile.of(name + ".csv", TableWriting.CSV, out -> csv(report, question, out));
            case XLSX -> SpooledFile.of(name + ".xlsx", TableWriting.XLSX, out -> xlsx(report, question, out));
            case XLSX_A_SHEET_EACH ->
                SpooledFile.of(name + "-by-person.xlsx", TableWriting.XLSX, out -> sheets(report, question, out));
            case PDF -> SpooledFile.of(name + ".pdf", MediaType.APPLICATION_PDF, out -> pdf(report, question, out));
        };
    }

    private static <R extends Record> void csv(Report<R> report, ReportQuestion question, OutputStream out)
            throws IOException {
        Columns<R> columns = report.columns();
        TableWriting.csv(
                out, columns.headings(), take -> report.rows(question, row -> take.accept(columns.cells(row))));
    }

    private static <R extends Record> void xlsx(Report<R> report, ReportQuestion question, OutputStream out) {
        Columns<R> columns = report.columns();
        XlsxBook book = new XlsxBook(out);
        book.sheet(report.about().title(), columns.headings());
        report.rows(question, row -> book.row(columns.cells(row)));
        book.finish();
    }

    /** Rows of one person come together, so that a sheet is done when the next person begins. */
    private static <R extends Record> void sheets(Report<R> report, ReportQuestion question, OutputStream out) {
        Function<R, String> person = report.person()
                .orElseThrow(() -> Refusal.of("sheets", report.about().title() + " is not of people."));
        Columns<R> columns = report.columns();
        XlsxBook book = new XlsxBook(out);
        Set<String> seen = new HashSet<>();
        String[] current = new String[1];
        report.rows(question, row -> {
            String name = person.apply(row);
            if (!name.equals(current[0])) {
                current[0] = name;
                seen.add(name);
                if (seen.size() > MOST_SHEETS) {
                    throw Refusal.of(
                            "sheets",
                            "A workbook has at most " + MOST_SHEETS + " sheets; please choose a team or some people.");
                }
                book.sheet(name, columns.headings());
            }
            book.row(columns.cells(row));
        });
        if (seen.isEmpty()) {
            book.sheet(report.about().title(), columns.headings());
        }
        book.finish();
    }

    private static <R extends Record> void pdf(Report<R> report, ReportQuestion question, OutputStream out) {
        Columns<R> columns = report.columns();
        List<ColumnView> shown = columns.shown();
        float[] widths = new float[shown.size()];
        List<Boolean> figures = new ArrayList<>();
        for (int at = 0; at < widths.length; at++) {
            boolean isFigure = columns.figures().contains(shown.get(at));
            figures.add(isFigure);
            widths[at] = isFigure ? 2 : shown.get(at).key().equals("why") ? 8 : 4;
        }
        String about =
                report.isOfOneDay() ? "On " + PlainDates.day(question.days().last()) : PlainDates.span(question.days());
        PdfReport paper = new PdfReport(
                out,
                report.about().title(),
                about + ". " + report.about().says(),
                widths,
                shown.stream().map(ColumnView::title).toList(),
                figures);
        int[] rows = new int[1];
        report.rows(question, row -> {
            rows[0]++;
            if (rows[0] > MOST_ON_PAPER) {
                throw Refusal.of(
                        "pdf", "This is more than " + MOST_ON_PAPER + " lines; please choose fewer for paper.");
            }
            paper.row(columns.texts(row));
        });
        paper.end(List.of());
    }
}
