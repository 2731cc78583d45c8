package upahead.server.accounts.adjusting;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.time.LocalDate;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import upahead.server.facts.adjustments.AdjustmentFile;
import upahead.server.facts.adjustments.AdjustmentFile.AdjustmentRows;
import upahead.server.facts.adjustments.AdjustmentRow;
import upahead.server.facts.adjustments.AdjustmentsTogether;
import upahead.server.facts.adjustments.Together;
import upahead.server.platform.files.Dates;
import upahead.server.platform.files.FileColumns;
import upahead.server.platform.files.Progress;

/** Adjustments of many balances. */
@RestController
@RequestMapping("/api/adjustments")
class AdjustingController {

    private static final int MOST_ROWS = 50_000;

    /** Adjustments to be looked at. */
    record AdjustmentsForm(
            @NotEmpty(message = "please give at least one adjustment") @Size(max = MOST_ROWS)
                    List<@Valid AdjustmentRow> rows) {}

    /**
     * Adjustments to be made.
     *
     * @param what they are, in words
     */
    record AdjustingForm(
            @NotEmpty(message = "please give at least one adjustment") @Size(max = MOST_ROWS)
                    List<@Valid AdjustmentRow> rows,
            @NotBlank(message = "please say what it is") @Size(max = 300, message = "this has at most 300 characters")
                    String what) {}

    /** Why adjustments are taken back. */
    record UndoForm(
            @NotBlank(message = "please say why") @Size(max = 300, message = "a reason has at most 300 characters")
                    String because) {}

    /**
     * A row of a file.
     *
     * @param row null where it cannot be read
     * @param fault why it cannot be read, empty where it can be
     */
    record AdjustmentFileRow(long line, String text, @Nullable AdjustmentRow row, String fault) {}

    /**
     * What stands in a file.
     *
     * @param order in which day and month were read, null where it does not matter
     * @param rows none while a needed column was not found
     */
    record AdjustmentFileView(
            List<String> headings,
            String encoding,
            List<FileColumns.ColumnMatch> columns,
            @Nullable Dates.Order order,
            List<AdjustmentFileRow> rows) {}

    private final AdjustmentEffects effects;
    private final AdjustmentsTogether together;
    private final AwardsToMany awards;
    private final AdjustmentFile files;
    private final Progress progress;

    AdjustingController(
            AdjustmentEffects effects,
            AdjustmentsTogether together,
            AwardsToMany awards,
            AdjustmentFile files,
            Progress progress) {
        this.effects = effects;
        this.together = together;
        this.awards = awards;
        this.files = files;
        this.progress = progress;
    }

    /** What was adjusted together, the newest first. */
    @GetMapping
    List<Together> all() {
        return together.all();
    }

    /** What they would make of their balances; nothing is changed. */
    @PostMapping("/check")
    List<AdjustmentEffect> check(
            @Valid @RequestBody AdjustmentsForm form, @RequestParam(required = false) String progress) {
        return this.progress.of(progress, () -> effects.of(form.rows()));
    }

    /** What they would make of their balances, as a file. */
    @PostMapping(path = "/check/table.csv", produces = "text/csv")
    ResponseEntity<String> csv(@Valid @RequestBody AdjustmentsForm form) {
        return AdjustmentEffect.COLUMNS
                .csv("adjustments", effects.of(form.rows()))
                .answer();
    }

    /** What the same adjustment of many would make of their balances; nothing is changed. */
    @PostMapping("/award")
    List<AdjustmentEffect> award(
            @Valid @RequestBody AwardToMany award, @RequestParam(required = false) String progress) {
        return this.progress.of(progress, () -> effects.of(awards.rows(award)));
    }

    /** Makes them: all or none. */
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    Together make(@Valid @RequestBody AdjustingForm form, @RequestParam(required = false) String progress) {
        return this.progress.of(progress, () -> together.make(form.rows(), form.what()));
    }

    /** Takes all of them back. */
    @DeleteMapping("/{id}")
    List<Together> undo(@PathVariable long id, @Valid @RequestBody UndoForm form) {
        return together.undo(id, form.because());
    }

    /** What stands in a file of adjustments. */
    @PostMapping(path = "/file", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    AdjustmentFileView read(
            @RequestPart MultipartFile file,
            @RequestPart(required = false) FileColumns.Reading reading,
            @RequestParam(required = false) Long policyId,
            @RequestParam @NotNull LocalDate on,
            @RequestParam(defaultValue = "") String reason)
            throws IOException {
        AdjustmentRows read =
                files.read(file.getBytes(), FileColumns.Reading.orByItself(reading), policyId, on, reason);
        return new AdjustmentFileView(
                read.table().headings(),
                read.table().encoding(),
                read.columns().matches(),
                read.columns().shownOrder(),
                read.rows().stream()
                        .map(row -> new AdjustmentFileRow(
                                row.line(), row.text(), row.row().orElse(null), row.fault()))
                        .toList());
    }
}
