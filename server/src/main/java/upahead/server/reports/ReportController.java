package upahead.server.reports;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.util.List;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.core.io.Resource;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import upahead.server.platform.files.Progress;
import upahead.server.reports.ReportFiles.Format;

/** Reports, on the screen and as files. */
@RestController
@RequestMapping("/api/reports")
class ReportController {

    private final Reports reports;
    private final ReportFiles files;
    private final AbsencePictures pictures;
    private final Progress progress;

    ReportController(Reports reports, ReportFiles files, AbsencePictures pictures, Progress progress) {
        this.reports = reports;
        this.files = files;
        this.pictures = pictures;
        this.progress = progress;
    }

    /**
     * What a report is asked about.
     *
     * @param search words of name, code or team
     * @param progress made up by whoever waits; null where nobody does
     */
    record ReportForm(
            @NotNull(message = "please say from which day on") LocalDate from,
            @NotNull(message = "please say until which day") LocalDate through,
            @Nullable Long teamId,
            @Nullable Long siteId,
            @Nullable String search,
            @Nullable String progress) {

        ReportQuestion question() {
            return new ReportQuestion(
                    Reports.days(from, through), teamId, siteId, search == null ? "" : search.strip());
        }
    }

    @GetMapping
    List<Reports.Offered> offered() {
        return reports.offered();
    }

    /** Some rows of a report, with the sums of all. */
    @GetMapping("/{name}")
    ReportView report(
            @PathVariable String name,
            @Valid @ParameterObject ReportForm form,
            @RequestParam(defaultValue = "") String order,
            @RequestParam(defaultValue = "0") @Min(0) int firstRow,
            @RequestParam(defaultValue = "100") @Min(1) @Max(500) int size) {
        return progress.of(form.progress(), () -> reports.view(name, form.question(), order, firstRow, size));
    }

    /** Who is away how often, month by month. */
    @GetMapping("/absences/picture")
    AbsencePicture picture(@Valid @ParameterObject ReportForm form) {
        return progress.of(form.progress(), () -> pictures.draw(form.question()));
    }

    @GetMapping(path = "/{name}/table.csv", produces = "text/csv")
    ResponseEntity<Resource> csv(@PathVariable String name, @Valid @ParameterObject ReportForm form) {
        return file(name, form, Format.CSV);
    }

    /**
     * @param sheets whether each person gets a sheet
     */
    @GetMapping("/{name}/table.xlsx")
    ResponseEntity<Resource> xlsx(
            @PathVariable String name,
            @Valid @ParameterObject ReportForm form,
            @RequestParam(defaultValue = "false") boolean sheets) {
        return file(name, form, sheets ? Format.XLSX_A_SHEET_EACH : Format.XLSX);
    }

    @GetMapping(path = "/{name}/table.pdf", produces = "application/pdf")
    ResponseEntity<Resource> pdf(@PathVariable String name, @Valid @ParameterObject ReportForm form) {
        return file(name, form, Format.PDF);
    }

    private ResponseEntity<Resource> file(String name, ReportForm form, Format format) {
        return progress.of(
                form.progress(), () -> files.file(name, form.question(), format).answer());
    }
}
