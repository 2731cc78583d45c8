package upahead.server.payruns;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import upahead.server.platform.tables.TablePage;

/** A run beside another one. */
@RestController
@RequestMapping("/api/pay-runs/{id}/comparison")
class ComparedRunsController {

    /**
     * What is compared.
     *
     * @param with the other run
     * @param search words of person, team or figure
     * @param all whether figures that are the same are told, too
     */
    record ComparisonForm(
            @NotNull(message = "please choose another run") Long with,
            @Nullable String search,
            @Nullable Boolean all) {}

    private final ComparedRuns compared;

    ComparedRunsController(ComparedRuns compared) {
        this.compared = compared;
    }

    @GetMapping
    TablePage<ComparedRow> page(
            @PathVariable long id,
            @Valid @ParameterObject ComparisonForm form,
            @RequestParam(defaultValue = "0") @Min(0) int page,
            @RequestParam(defaultValue = "25") @Min(1) @Max(200) int size) {
        List<ComparedRow> rows = rows(id, form);
        return new TablePage<>(
                ComparedRow.COLUMNS.shown(),
                rows.subList(Math.min(rows.size(), page * size), Math.min(rows.size(), (page + 1) * size)),
                rows.size());
    }

    /** All of it, as a file with exact figures. */
    @GetMapping(path = "/table.csv", produces = "text/csv")
    ResponseEntity<String> csv(@PathVariable long id, @Valid @ParameterObject ComparisonForm form) {
        return ComparedRow.COLUMNS.csv("comparison", rows(id, form)).answer();
    }

    /** All of it, as a workbook. */
    @GetMapping("/table.xlsx")
    ResponseEntity<byte[]> xlsx(@PathVariable long id, @Valid @ParameterObject ComparisonForm form) {
        return ComparedRow.COLUMNS.xlsx("comparison", rows(id, form)).answer();
    }

    private List<ComparedRow> rows(long id, ComparisonForm form) {
        return compared.compare(
                id, form.with(), form.search() == null ? "" : form.search(), Boolean.TRUE.equals(form.all()));
    }
}
