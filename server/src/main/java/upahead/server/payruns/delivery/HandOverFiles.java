package upahead.server.payruns.delivery;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Locale;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Service;
import upahead.core.quantity.Amount;
import upahead.server.payruns.HandOver;
import upahead.server.payruns.HandOverFigures;
import upahead.server.payruns.PayrollLine;
import upahead.server.platform.files.CsvFile;
import upahead.server.platform.files.Download;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;

/** What payroll gets, as files: CSV in the layout of the pay group, and JSON. */
@Service
public class HandOverFiles {

    private static final String BYTE_ORDER_MARK = "\uFEFF";

    private final HandOver handOver;
    private final Layouts layouts;

    HandOverFiles(HandOver handOver, Layouts layouts) {
        this.handOver = handOver;
        this.layouts = layouts;
    }

    /**
     * What payroll got, as JSON.
     *
     * @param kind {@code close}, or {@code taken back} for what was taken back of it
     */
    public record HandOverDocument(
            String payGroup,
            String from,
            String to,
            String payDate,
            int close,
            String kind,
            List<DocumentLine> lines) {}

    /** A line of it; the amount is exact. */
    public record DocumentLine(
            long row,
            String person,
            String name,
            String code,
            String what,
            Amount amount,
            String unit,
            String from,
            String to,
            String entry) {}

    /**
     * The file of a close.
     *
     * @param closing which close of the run, null for the newest
     * @param reversal whether what was taken back of it is meant
     */
    @May(Permission.RUN_PAYROLL)
    public Download csv(long runId, Integer closing, boolean reversal) {
        return csv(handOver.of(runId, closing, reversal));
    }

    /** The file of a run that is not closed, as it would be now. */
    @May(Permission.RUN_PAYROLL)
    public Download ahead(long runId) {
        return csv(handOver.ahead(runId));
    }

    /** The first lines of the file of a run in another layout, for looking at it. */
    @May(Permission.RUN_PAYROLL)
    public List<String> tried(long runId, Layout layout, int most) {
        HandOverFigures figures = handOver.of(runId, null, false);
        HandOverFigures first = new HandOverFigures(
                figures.run(),
                figures.payGroup(),
                figures.closing(),
                false,
                figures.lines().stream().limit(most).toList());
        return text(first, layout).lines().toList();
    }

    private Download csv(HandOverFigures figures) {
        Layout layout = layouts.of(figures.run().payGroupId()).layout();
        String mark = layout.encoding() == Layout.Encoding.UTF_8 ? BYTE_ORDER_MARK : "";
        return new Download(
                figures.name() + ".csv",
                new MediaType("text", "csv", layout.encoding().charset()),
                (mark + text(figures, layout)).getBytes(layout.encoding().charset()));
    }

    private static String text(HandOverFigures figures, Layout layout) {
        StringBuilder text = new StringBuilder();
        CSVFormat.Builder format =
                CSVFormat.RFC4180.builder().setDelimiter(layout.separator().sign());
        if (layout.headings()) {
            format.setHeader(
                    layout.columns().stream().map(Layout.Column::heading).toArray(String[]::new));
        }
        try (CSVPrinter printer = new CSVPrinter(text, format.get())) {
            for (PayrollLine line : figures.lines()) {
                printer.printRecord(layout.columns().stream().map(column -> cell(figures, line, layout, column)));
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return text.toString();
    }

    private static String cell(HandOverFigures figures, PayrollLine line, Layout layout, Layout.Column column) {
        Object value = column.field().of(figures, line);
        String written = layout.written(column.field(), value);
        return value instanceof Amount ? written : CsvFile.cell(written);
    }

    /** The same as JSON, with payroll's codes. */
    @May(Permission.RUN_PAYROLL)
    public HandOverDocument document(long runId, Integer closing, boolean reversal) {
        HandOverFigures figures = handOver.of(runId, closing, reversal);
        Layout layout = layouts.of(figures.run().payGroupId()).layout();
        return new HandOverDocument(
                figures.payGroup(),
                figures.run().firstDay().toString(),
                figures.run().lastDay().toString(),
                figures.run().paysOn().toString(),
                figures.closing(),
                reversal ? "taken back" : "close",
                figures.lines().stream()
                        .map(line -> new DocumentLine(
                                line.id(),
                                line.line().personCode(),
                                line.line().personName(),
                                layout.code(line.line().payrollCode()),
                                line.line().what(),
                                line.line().amount(),
                                line.line().unit().name().toLowerCase(Locale.ROOT),
                                line.line().about().first().toString(),
                                line.line().about().last().toString(),
                                figures.entry(line.line())))
                        .toList());
    }
}
