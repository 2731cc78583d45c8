package upahead.server.platform.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import org.apache.poi.ss.usermodel.CellType;
import org.apache.poi.ss.usermodel.DateUtil;
import org.apache.poi.ss.usermodel.Row;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;
import org.junit.jupiter.api.Test;
import upahead.core.quantity.Amount;

class XlsxBookTest {

    private static final List<String> HEADINGS = List.of("what", "how much", "when");

    @Test
    void cellsAreWhatTheyAreAndNoneIsAFormula() throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        XlsxBook book = new XlsxBook(bytes);
        book.sheet("One", HEADINGS);
        book.row(Arrays.asList("=SUM(A1)", Amount.of("-1.25"), LocalDate.of(2027, 5, 3)));
        book.row(Arrays.asList("", null, null));
        book.finish();
        try (XSSFWorkbook read = new XSSFWorkbook(new ByteArrayInputStream(bytes.toByteArray()))) {
            Row row = read.getSheet("One").getRow(1);
            assertThat(row.getCell(0).getCellType()).isEqualTo(CellType.STRING);
            assertThat(row.getCell(0).getStringCellValue()).isEqualTo("=SUM(A1)");
            assertThat(row.getCell(1).getNumericCellValue()).isEqualTo(-1.25);
            assertThat(DateUtil.isCellDateFormatted(row.getCell(2))).isTrue();
            assertThat(row.getCell(2).getLocalDateTimeCellValue().toLocalDate()).isEqualTo("2027-05-03");
            assertThat(read.getSheet("One").getRow(0).getCell(0).getCellStyle().getFontIndex())
                    .isNotZero();
        }
    }

    @Test
    void sheetsOfOneNameAreNumberedAndLongOnesShortened() throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        XlsxBook book = new XlsxBook(bytes);
        String longName = "Somebody With A Name Longer Than Any Sheet May Have";
        for (String name : List.of("Kim/Lee", "Kim Lee", "kim lee", longName, longName, "")) {
            book.sheet(name, HEADINGS);
        }
        book.finish();
        try (XSSFWorkbook read = new XSSFWorkbook(new ByteArrayInputStream(bytes.toByteArray()))) {
            assertThat(IntStream.range(0, read.getNumberOfSheets()).mapToObj(read::getSheetName))
                    .containsExactly(
                            "Kim Lee",
                            "Kim Lee 2",
                            "kim lee 3",
                            "Somebody With A Name Longer Tha",
                            "Somebody With A Name Longer T 2",
                            "Up Ahead");
        }
    }

    @Test
    void aLongSheetIsWholeAlthoughItIsWrittenPartByPart() throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        XlsxBook book = new XlsxBook(bytes);
        book.sheet("Many", HEADINGS);
        IntStream.range(0, 1_700).forEach(at -> book.row(List.of("row " + at, Amount.of(at), LocalDate.EPOCH)));
        book.finish();
        try (XSSFWorkbook read = new XSSFWorkbook(new ByteArrayInputStream(bytes.toByteArray()))) {
            assertThat(read.getSheetAt(0).getLastRowNum()).isEqualTo(1_700);
            assertThat(read.getSheetAt(0).getRow(1_700).getCell(1).getNumericCellValue())
                    .isEqualTo(1_699);
        }
    }
}
