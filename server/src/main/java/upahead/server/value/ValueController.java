package upahead.server.value;

import jakarta.validation.Valid;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import upahead.server.platform.audit.Sensitive;
import upahead.server.platform.files.Progress;

/** What outstanding leave is worth. */
@RestController
@RequestMapping("/api/value")
class ValueController {

    private final ValueOfAll value;
    private final ValueViews views;
    private final Progress progress;

    ValueController(ValueOfAll value, ValueViews views, Progress progress) {
        this.value = value;
        this.views = views;
        this.progress = progress;
    }

    @GetMapping
    @Sensitive("looked at what leave is worth")
    ValueView value(@Valid @ParameterObject ValueForm form, @RequestParam(required = false) String progress) {
        return this.progress.of(progress, () -> views.of(form));
    }

    /** Balance by balance, as a file with exact figures. */
    @GetMapping(path = "/table.csv", produces = "text/csv")
    ResponseEntity<String> csv(@Valid @ParameterObject ValueForm form) {
        return ValueRow.COLUMNS
                .csv("value-" + form.asOf(), form.of(value.rows(form.days())))
                .answer();
    }

    /** Balance by balance, as a workbook. */
    @GetMapping("/table.xlsx")
    ResponseEntity<byte[]> xlsx(@Valid @ParameterObject ValueForm form) {
        return ValueRow.COLUMNS
                .xlsx("value-" + form.asOf(), form.of(value.rows(form.days())))
                .answer();
    }
}
