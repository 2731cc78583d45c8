package upahead.server.yearend;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import upahead.core.quantity.Amount;
import upahead.server.platform.files.Progress;
import upahead.server.platform.problems.Refusal;

/** Year's ends. */
@RestController
@RequestMapping("/api/policies/{id}/year-ends/{year}")
class YearEndController {

    private static final int MOST_PEOPLE = 10_000;

    /** How much some people may carry over at their year's end. */
    record CarryForm(
            @NotEmpty(message = "please choose for whom") @Size(max = MOST_PEOPLE) List<@NotNull Long> personIds,
            @NotNull(message = "please say how much") Amount carry,
            @NotBlank(message = "please say why") @Size(max = 300, message = "a reason has at most 300 characters")
                    String reason) {}

    private final YearEnds yearEnds;
    private final Progress progress;

    YearEndController(YearEnds yearEnds, Progress progress) {
        this.yearEnds = yearEnds;
        this.progress = progress;
    }

    /** The sums of all, and person by person those that are wanted, the first of them where they are many. */
    @GetMapping
    YearEndView of(
            @PathVariable long id,
            @PathVariable int year,
            @ParameterObject WantedPeople wanted,
            @RequestParam(defaultValue = "100") @Min(1) @Max(500) int size,
            @RequestParam(required = false) String progress) {
        return this.progress.of(progress, () -> {
            YearEndView view = yearEnds.of(id, year);
            return view.showing(wanted.among(view.rows()), size);
        });
    }

    /** The ids of all who are wanted and still have a year's end. */
    @GetMapping("/people")
    List<Long> people(@PathVariable long id, @PathVariable int year, @ParameterObject WantedPeople wanted) {
        return wanted.among(yearEnds.of(id, year).rows()).stream()
                .filter(row -> row.held() != null)
                .map(YearEndRow::personId)
                .toList();
    }

    /** Person by person, as a file with exact figures. */
    @GetMapping(path = "/table.csv", produces = "text/csv")
    ResponseEntity<String> csv(@PathVariable long id, @PathVariable int year) {
        return YearEndRow.COLUMNS
                .csv("year-end-" + year, yearEnds.of(id, year).rows())
                .answer();
    }

    /** Person by person, as a workbook. */
    @GetMapping("/table.xlsx")
    ResponseEntity<byte[]> xlsx(@PathVariable long id, @PathVariable int year) {
        return YearEndRow.COLUMNS
                .xlsx("year-end-" + year, yearEnds.of(id, year).rows())
                .answer();
    }

    /** Keeps what is expected, so that what comes of it is held against it. */
    @PutMapping("/review")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void keep(@PathVariable long id, @PathVariable int year) {
        yearEnds.keep(id, year);
    }

    /** Lets some people carry over more or less. */
    @PostMapping("/exceptions")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void let(@PathVariable long id, @PathVariable int year, @Valid @RequestBody CarryForm form) {
        if (form.carry().isNegative()) {
            throw Refusal.of("carry", "What is carried over is at least 0.");
        }
        yearEnds.let(id, year, form.personIds(), form.carry(), form.reason());
    }
}
