package upahead.server.facts.adjustments;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import upahead.server.facts.adjustments.OpeningFile.FileRow;
import upahead.server.facts.adjustments.OpeningFile.OpeningRows;
import upahead.server.facts.adjustments.OpeningLines.OpeningPage;
import upahead.server.platform.files.Dates;
import upahead.server.platform.files.FileColumns;

/** Opening balances of many people. */
@RestController
@RequestMapping("/api/openings")
class OpeningController {

    private static final int MOST_ROWS = 50_000;

    /** Opening balances to be looked at or set. */
    record OpeningsForm(
            @NotEmpty(message = "please give at least one opening balance") @Size(max = MOST_ROWS)
                    List<@Valid OpeningRow> rows,
            @Nullable @Size(max = 150, message = "the reason has at most 150 characters") String reason) {}

    /** Whose are wanted. */
    record OfPeople(@NotEmpty @Size(max = MOST_ROWS) List<@NotNull Long> personIds) {}

    /**
     * A row of a file.
     *
     * @param row null where it cannot be read
     * @param fault why it cannot be read, empty where it can be
     */
    record FileRowView(long line, String text, @Nullable OpeningRow row, String fault) {}

    /**
     * What stands in a file.
     *
     * @param order in which day and month were read, null where it does not matter
     * @param rows none while a needed column was not found
     */
    record FileView(
            List<String> headings,
            String encoding,
            List<FileColumns.ColumnMatch> columns,
            @Nullable Dates.Order order,
            List<FileRowView> rows) {}

    private final Openings openings;
    private final OpeningLines lines;
    private final OpeningFile files;

    OpeningController(Openings openings, OpeningLines lines, OpeningFile files) {
        this.openings = openings;
        this.lines = lines;
        this.files = files;
    }

    @GetMapping("/{policyId}")
    OpeningPage of(
            @PathVariable long policyId,
            @RequestParam(required = false) String search,
            @RequestParam(defaultValue = "0") @Min(0) int page,
            @RequestParam(defaultValue = "100") @Min(1) @Max(200) int size) {
        return lines.page(policyId, search, page, size);
    }

    /** Those of some people, such as of a file that was read. */
    @PostMapping("/{policyId}/lines")
    List<OpeningLine> of(@PathVariable long policyId, @Valid @RequestBody OfPeople some) {
        return lines.of(policyId, some.personIds());
    }

    /** A file to fill in, with what is there already. */
    @GetMapping(path = "/{policyId}/table.csv", produces = "text/csv")
    ResponseEntity<String> csv(@PathVariable long policyId) {
        return OpeningTableRow.COLUMNS
                .csv("opening-balances", lines.table(policyId))
                .answer();
    }

    @PostMapping("/check")
    OpeningCheck check(@Valid @RequestBody OpeningsForm form) {
        return openings.check(form.rows());
    }

    @PostMapping
    OpeningCheck set(@Valid @RequestBody OpeningsForm form) {
        return openings.set(form.rows(), Optional.ofNullable(form.reason()).orElse(""));
    }

    @PostMapping(path = "/file", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    FileView read(
            @RequestPart MultipartFile file,
            @RequestPart(required = false) FileColumns.Reading reading,
            @RequestParam(required = false) Long policyId,
            @RequestParam @NotNull LocalDate on)
            throws IOException {
        OpeningRows read = files.read(file.getBytes(), FileColumns.Reading.orByItself(reading), policyId, on);
        return new FileView(
                read.table().headings(),
                read.table().encoding(),
                read.columns().matches(),
                read.columns().shownOrder(),
                read.rows().stream().map(OpeningController::view).toList());
    }

    private static FileRowView view(FileRow row) {
        return new FileRowView(row.line(), row.text(), row.row().orElse(null), row.fault());
    }
}
