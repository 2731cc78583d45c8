package upahead.server.accounts.against;

import jakarta.annotation.Nullable;
import jakarta.validation.constraints.NotNull;
import java.io.IOException;
import java.time.LocalDate;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import upahead.server.accounts.against.AnotherRecord.Read;
import upahead.server.platform.files.Dates;
import upahead.server.platform.files.FileColumns;
import upahead.server.platform.files.Progress;

/** Balances beside another record of them. */
@RestController
@RequestMapping("/api/held-against")
class HeldAgainstController {

    /** A row of the other record that cannot be read. */
    record UnreadRow(long line, String text, String fault) {}

    /**
     * Balances beside another record.
     *
     * @param order in which day and month were read, always null: it has no days
     * @param rows none while a needed column was not found
     */
    record HeldAgainstView(
            List<String> headings,
            String encoding,
            List<FileColumns.ColumnMatch> columns,
            @Nullable Dates.Order order,
            LocalDate asOf,
            List<UnreadRow> unread,
            List<HeldRow> rows) {}

    private final AnotherRecord records;
    private final HeldAgainst held;
    private final Progress progress;

    HeldAgainstController(AnotherRecord records, HeldAgainst held, Progress progress) {
        this.records = records;
        this.held = held;
        this.progress = progress;
    }

    /** What another record says, beside the balances as of a day; nothing is changed. */
    @PostMapping(path = "/file", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    HeldAgainstView hold(
            @RequestPart MultipartFile file,
            @RequestPart(required = false) FileColumns.Reading reading,
            @RequestParam @NotNull LocalDate asOf,
            @RequestParam(required = false) Long policyId,
            @RequestParam(required = false) String progress)
            throws IOException {
        Read read = records.read(file.getBytes(), FileColumns.Reading.orByItself(reading), policyId);
        return new HeldAgainstView(
                read.table().headings(),
                read.table().encoding(),
                read.columns().matches(),
                read.columns().shownOrder(),
                asOf,
                read.rows().stream()
                        .filter(row -> row.said().isEmpty())
                        .map(row -> new UnreadRow(row.line(), row.text(), row.fault()))
                        .toList(),
                this.progress.of(progress, () -> held.of(read.said(), asOf)));
    }

    /** The same as a file with exact figures. */
    @PostMapping(path = "/file/table.csv", consumes = MediaType.MULTIPART_FORM_DATA_VALUE, produces = "text/csv")
    ResponseEntity<String> csv(
            @RequestPart MultipartFile file,
            @RequestPart(required = false) FileColumns.Reading reading,
            @RequestParam @NotNull LocalDate asOf,
            @RequestParam(required = false) Long policyId)
            throws IOException {
        Read read = records.read(file.getBytes(), FileColumns.Reading.orByItself(reading), policyId);
        return HeldRow.COLUMNS
                .csv("held-against-another-record-" + asOf, held.of(read.said(), asOf))
                .answer();
    }
}
