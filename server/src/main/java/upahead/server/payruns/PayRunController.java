package upahead.server.payruns;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import upahead.server.facts.hours.HoursImport;
import upahead.server.facts.hours.HoursImport.HoursPreview;
import upahead.server.platform.files.FileColumns;
import upahead.server.platform.files.Progress;

/** Pay runs. */
@RestController
@RequestMapping("/api/pay-runs")
class PayRunController {

    /** Why a close is undone. */
    record Undoing(
            @NotBlank(message = "please say why the close is undone")
                    @Size(max = 400, message = "the reason has at most 400 characters")
                    String reason) {}

    /** The pay group that begins, and a day of its first period. */
    record FirstRun(long payGroupId, @NotNull(message = "please choose a day of the first period") LocalDate day) {}

    /** The day on which a run is paid. */
    record PayDateForm(@NotNull(message = "please choose a day") LocalDate on) {}

    private final PayRuns runs;
    private final RunClosing closing;
    private final HoursImport hours;
    private final PayDates payDates;
    private final Progress progress;

    PayRunController(PayRuns runs, RunClosing closing, HoursImport hours, PayDates payDates, Progress progress) {
        this.runs = runs;
        this.closing = closing;
        this.hours = hours;
        this.payDates = payDates;
        this.progress = progress;
    }

    @GetMapping
    List<PayRun> ofGroup(@RequestParam long payGroupId) {
        return runs.ofGroup(payGroupId);
    }

    /** Begins the first run of a pay group, with the period that contains the day. */
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    List<PayRun> begin(@Valid @RequestBody FirstRun first) {
        runs.begin(first.payGroupId(), first.day());
        return runs.ofGroup(first.payGroupId());
    }

    /** Has an open run paid on another day. */
    @PutMapping("/{id}/pay-date")
    PayRun pay(@PathVariable long id, @Valid @RequestBody PayDateForm form) {
        return payDates.pay(id, form.on());
    }

    @PostMapping("/{id}/closing")
    PayRun close(@PathVariable long id, @RequestParam(required = false) String progress) {
        return this.progress.of(progress, () -> closing.close(id));
    }

    @PostMapping("/{id}/undoing")
    PayRun undo(@PathVariable long id, @Valid @RequestBody Undoing undoing) {
        return closing.undo(id, undoing.reason());
    }

    @PostMapping(path = "/{id}/hours/preview", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    HoursPreview preview(
            @PathVariable long id,
            @RequestPart MultipartFile file,
            @RequestPart(required = false) FileColumns.Reading reading)
            throws IOException {
        PayRun run = runs.gathering(id);
        return hours.preview(file.getBytes(), FileColumns.Reading.orByItself(reading), run.payGroupId(), run.period());
    }

    @PostMapping(path = "/{id}/hours", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    HoursPreview take(
            @PathVariable long id,
            @RequestPart MultipartFile file,
            @RequestPart(required = false) FileColumns.Reading reading,
            @RequestParam(required = false) Set<Long> skip)
            throws IOException {
        PayRun run = runs.gathering(id);
        String name = file.getOriginalFilename() == null ? "hours" : file.getOriginalFilename();
        return hours.take(
                file.getBytes(),
                FileColumns.Reading.orByItself(reading),
                name,
                run.payGroupId(),
                run.period(),
                skip == null ? Set.of() : skip);
    }
}
