package upahead.server.reports;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.lowagie.text.pdf.PdfReader;
import com.lowagie.text.pdf.parser.PdfTextExtractor;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.apache.poi.ss.usermodel.CellType;
import org.apache.poi.ss.usermodel.DateUtil;
import org.apache.poi.ss.usermodel.Row;
import org.apache.poi.ss.usermodel.Sheet;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import upahead.core.facts.Adjustment;
import upahead.core.quantity.Amount;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.facts.adjustments.Adjustments;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.files.SpooledFile;
import upahead.server.reports.ReportFiles.Format;

/** Files are read by another program than the one that writes them. */
@WithDemo
class ReportFilesTest {

    private static final LocalDate TODAY = LocalDate.of(2027, 4, 26);
    private static final long GROUNDS = 3;
    private static final long KERENSA = 27;

    @Autowired
    private ReportFiles files;

    @Autowired
    private Adjustments adjustments;

    @Autowired
    private CurrentUser user;

    private SpooledFile file(String report, Format format, LocalDate from, LocalDate through) {
        ReportQuestion question = new ReportQuestion(Reports.days(from, through), GROUNDS, null, "");
        return user.actAs(Somebody.ADMINISTRATOR, () -> files.file(report, question, format));
    }

    private XSSFWorkbook workbook(String report, Format format, LocalDate from, LocalDate through) throws IOException {
        return new XSSFWorkbook(
                new ByteArrayInputStream(file(report, format, from, through).read()));
    }

    @ParameterizedTest
    @ValueSource(strings = {"balances", "ledger", "requests", "absences", "attendance", "lapses", "changes"})
    void everyWorkbookHasNumbersAsNumbersDatesAsDatesAndNoFormula(String report) throws IOException {
        try (XSSFWorkbook book = workbook(report, Format.XLSX, TODAY.minusDays(60), TODAY.plusDays(30))) {
            Sheet sheet = book.getSheetAt(0);
            assertThat(sheet.getPaneInformation().getHorizontalSplitPosition()).isEqualTo((short) 1);
            assertThat(sheet.getLastRowNum()).isPositive();
            for (Row row : sheet) {
                row.forEach(
                        cell -> assertThat(cell.getCellType()).isIn(CellType.STRING, CellType.NUMERIC, CellType.BLANK));
            }
        }
    }

    @Test
    void amountsAndDaysOfTheLedgerAreWhatTheyAre() throws IOException {
        try (XSSFWorkbook book = workbook("ledger", Format.XLSX, LocalDate.of(2027, 1, 1), TODAY)) {
            Row headings = book.getSheetAt(0).getRow(0);
            List<String> names = new ArrayList<>();
            headings.forEach(cell -> names.add(cell.getStringCellValue()));
            Row first = book.getSheetAt(0).getRow(1);
            assertThat(DateUtil.isCellDateFormatted(first.getCell(names.indexOf("on"))))
                    .isTrue();
            assertThat(first.getCell(names.indexOf("on"))
                            .getLocalDateTimeCellValue()
                            .toLocalDate())
                    .isBetween(LocalDate.of(2027, 1, 1), TODAY);
            assertThat(first.getCell(names.indexOf("balance")).getCellType()).isEqualTo(CellType.NUMERIC);
        }
    }

    @Test
    void eachPersonHasASheetWhereThatIsAsked() throws IOException {
        try (XSSFWorkbook book = workbook("ledger", Format.XLSX_A_SHEET_EACH, LocalDate.of(2027, 1, 1), TODAY)) {
            Sheet kerensa = book.getSheet("Kerensa Saltonstall");
            assertThat(kerensa.getLastRowNum()).isPositive();
            for (Row row : kerensa) {
                assertThat(row.getCell(1).getStringCellValue()).isIn("person", "Kerensa Saltonstall");
            }
            assertThat(book.getNumberOfSheets()).isGreaterThan(5);
        }
        assertThatThrownBy(() -> file("changes", Format.XLSX_A_SHEET_EACH, TODAY, TODAY))
                .hasMessage("Changes, from the audit trail is not of people.");
    }

    @Test
    void noCellOfACsvFileIsRunAsAFormula() {
        user.actAs(
                Somebody.ADMINISTRATOR,
                () -> adjustments.adjust(KERENSA, 1, new Adjustment(TODAY, Amount.of(1), "=HYPERLINK(A1)")));
        String csv = new String(file("ledger", Format.CSV, TODAY, TODAY).read(), UTF_8);
        assertThat(csv).contains("Adjusted: =HYPERLINK(A1)").doesNotContain(",=");
        assertThat(csv.lines().count()).isGreaterThan(1);
    }

    @Test
    void whatIsPrintedCanBeReadBack() throws IOException {
        SpooledFile pdf = file("absences", Format.PDF, LocalDate.of(2027, 1, 1), LocalDate.of(2027, 12, 31));
        assertThat(pdf.name()).isEqualTo("absences-2027-01-01-to-2027-12-31.pdf");
        try (PdfReader reader = new PdfReader(pdf.read())) {
            StringBuilder text = new StringBuilder();
            for (int page = 1; page <= reader.getNumberOfPages(); page++) {
                text.append(new PdfTextExtractor(reader).getTextFromPage(page));
            }
            assertThat(text)
                    .contains("Absences by month", "Kerensa Saltonstall", "Hourly leave", "2027-0", "page 1")
                    .contains("Days away");
        }
    }
}
