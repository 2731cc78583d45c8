package upahead.server.value;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import upahead.core.quantity.Amount;
import upahead.server.platform.audit.Sensitive;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.files.Progress;

/** What outstanding leave is worth. */
@RestController
@RequestMapping("/api/value")
class ValueController {

    private final ValueOfAll value;
    private final MovableClock clock;
    private final Progress progress;

    ValueController(ValueOfAll value, MovableClock clock, Progress progress) {
        this.value = value;
        this.clock = clock;
        this.progress = progress;
    }

    /**
     * What is wanted.
     *
     * @param since the day it is compared with, null for the end of the year before
     * @param by what is added up, policies where left out
     */
    record ValueForm(
            @NotNull(message = "please say as of which day") LocalDate asOf,
            @Nullable LocalDate since,
            @Nullable ValueSum.By by,
            @Nullable Long teamId,
            @Nullable Long siteId,
            @Nullable Long policyId) {

        ValueDays days() {
            return ValueDays.of(asOf, since);
        }

        List<ValueRow> of(List<ValueRow> rows) {
            return rows.stream()
                    .filter(row -> teamId == null || teamId == row.teamId())
                    .filter(row -> siteId == null || siteId == row.siteId())
                    .filter(row -> policyId == null || policyId == row.policyId())
                    .toList();
        }
    }

    /**
     * What all are worth on a day.
     *
     * @param expected whether the day is ahead, so that the figure is a forecast
     */
    record ValuePoint(LocalDate on, Amount worth, boolean expected) {}

    /**
     * What leave is worth.
     *
     * @param all of it together
     * @param groups what is worth most first
     * @param series in order of time, to the year's end
     */
    record ValueView(LocalDate asOf, LocalDate since, ValueSum all, List<ValueSum> groups, List<ValuePoint> series) {}

    @GetMapping
    @Sensitive("looked at what leave is worth")
    ValueView value(@Valid @ParameterObject ValueForm form, @RequestParam(required = false) String progress) {
        return this.progress.of(progress, () -> {
            ValueDays days = form.days();
            List<ValueRow> rows = form.of(value.rows(days));
            ValueSum.By by = form.by() == null ? ValueSum.By.POLICY : form.by();
            return new ValueView(
                    days.asOf(), days.since(), ValueSum.of(rows), ValueSum.by(by, rows), series(days, rows));
        });
    }

    private List<ValuePoint> series(ValueDays days, List<ValueRow> rows) {
        List<ValuePoint> points = new ArrayList<>();
        for (int at = 0; at < days.series().size(); at++) {
            int point = at;
            LocalDate on = days.series().get(at);
            points.add(new ValuePoint(
                    on,
                    Amount.sum(rows.stream()
                            .filter(row -> !row.series().isEmpty())
                            .map(row -> row.series().get(point))
                            .toList()),
                    on.isAfter(clock.today())));
        }
        return points;
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
