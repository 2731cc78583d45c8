package upahead.server.cards.attendance;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import upahead.core.calendar.DateSpan;
import upahead.server.cards.attendance.AttendanceView.AttendanceSums;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.tables.Condition;

/** Who was there when. */
@RestController
@RequestMapping("/api/attendance")
class AttendanceController {

    private static final int MOST_DAYS = 100;

    private final Attendance attendance;

    AttendanceController(Attendance attendance) {
        this.attendance = attendance;
    }

    /**
     * Which attendance is wanted.
     *
     * @param search words of name, code or team
     * @param condition such as {@code worked at-least 8}; all of them have to hold
     * @param onlyThere whether only those are wanted who are there at this moment
     * @param order the key of a column, with a minus before it for the other way round
     */
    record AttendanceForm(
            @NotNull(message = "please say from which day on") LocalDate from,
            @NotNull(message = "please say until which day") LocalDate through,
            @Nullable String search,
            @Nullable Long teamId,
            @Nullable Long payGroupId,
            @Nullable List<String> condition,
            @Nullable Boolean onlyThere,
            @Nullable String order) {

        AttendanceQuery query() {
            return new AttendanceQuery(
                    DateSpan.between(from, through)
                            .filter(span -> span.days() <= MOST_DAYS)
                            .orElseThrow(() -> Refusal.of("through", "Please ask for 1 to " + MOST_DAYS + " days.")),
                    search == null ? "" : search,
                    teamId,
                    payGroupId,
                    Condition.read(condition),
                    Boolean.TRUE.equals(onlyThere));
        }

        String name() {
            return "attendance-" + from + (from.equals(through) ? "" : "-to-" + through);
        }
    }

    /** Who was there within some days, page by page. */
    @GetMapping
    AttendanceView of(
            @Valid @ParameterObject AttendanceForm form,
            @RequestParam(defaultValue = "0") @Min(0) int page,
            @RequestParam(defaultValue = "25") @Min(1) @Max(200) int size) {
        List<AttendanceRow> rows = rows(form);
        return new AttendanceView(
                AttendanceRow.COLUMNS.shown(),
                rows.subList(Math.min(rows.size(), page * size), Math.min(rows.size(), (page + 1) * size)),
                rows.size(),
                (int) rows.stream().filter(row -> !row.now().isEmpty()).count(),
                (int) rows.stream().filter(row -> row.unfinished().isPositive()).count(),
                AttendanceSums.of(rows));
    }

    /** All that match, as a file with exact figures. */
    @GetMapping(path = "/table.csv", produces = "text/csv")
    ResponseEntity<String> csv(@Valid @ParameterObject AttendanceForm form) {
        return AttendanceRow.COLUMNS.csv(form.name(), rows(form)).answer();
    }

    /** All that match, as a workbook. */
    @GetMapping("/table.xlsx")
    ResponseEntity<byte[]> xlsx(@Valid @ParameterObject AttendanceForm form) {
        return AttendanceRow.COLUMNS.xlsx(form.name(), rows(form)).answer();
    }

    private List<AttendanceRow> rows(AttendanceForm form) {
        return AttendanceRow.COLUMNS.inOrder(
                attendance.of(form.query()),
                form.order() == null ? "" : form.order(),
                Comparator.comparing(AttendanceRow::person));
    }
}
