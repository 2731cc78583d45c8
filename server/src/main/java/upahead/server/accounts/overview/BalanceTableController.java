package upahead.server.accounts.overview;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import upahead.server.accounts.overview.BalanceTables.Rows;
import upahead.server.platform.files.Progress;
import upahead.server.platform.tables.Condition;

/** Everybody's balances as of any day, in a table of one's own making. */
@RestController
@RequestMapping("/api/balances")
class BalanceTableController {

    private final BalanceTables tables;
    private final Progress progress;

    BalanceTableController(BalanceTables tables, Progress progress) {
        this.tables = tables;
        this.progress = progress;
    }

    /**
     * Which balances are wanted, and how.
     *
     * @param search words of name, code or team
     * @param withOthers also of people who are not employed on the day
     * @param condition such as {@code remaining at-most 0}; all of them have to hold
     * @param order the key of a column, with a minus before it for the other way round
     * @param rows what a row is, a balance where left out
     * @param columns the keys of the columns from left to right, the usual ones where left out; where a row is a person,
     *     the figures of each policy
     */
    record BalanceTableForm(
            @NotNull(message = "please say as of which day") LocalDate asOf,
            @Nullable String search,
            @Nullable Long teamId,
            @Nullable Long siteId,
            @Nullable Long payGroupId,
            @Nullable Long policyId,
            @Nullable Boolean withOthers,
            @Nullable List<String> condition,
            @Nullable String order,
            @Nullable Rows rows,
            @Nullable List<String> columns) {

        BalanceQuery query() {
            return new BalanceQuery(
                    asOf,
                    search == null ? "" : search,
                    teamId,
                    siteId,
                    payGroupId,
                    policyId,
                    Boolean.TRUE.equals(withOthers),
                    Condition.read(condition),
                    order == null ? "" : order);
        }

        Rows what() {
            return rows == null ? Rows.BALANCE : rows;
        }

        List<String> shown() {
            return columns == null ? List.of() : columns;
        }

        String name() {
            String by = what() == Rows.BALANCE ? "" : "-by-" + what().name().toLowerCase(Locale.ROOT);
            return "balances-" + asOf + by;
        }
    }

    /**
     * Those that match, from a row on.
     *
     * @param firstRow from 0
     * @param sums whether they are added up, too
     * @param progress made up by whoever waits; null where nobody does
     */
    @GetMapping
    BalanceTableView table(
            @Valid @ParameterObject BalanceTableForm form,
            @RequestParam(defaultValue = "0") @Min(0) int firstRow,
            @RequestParam(defaultValue = "50") @Min(1) @Max(500) int size,
            @RequestParam(defaultValue = "false") boolean sums,
            @RequestParam(required = false) String progress) {
        return this.progress.of(
                progress, () -> tables.view(form.query(), form.what(), form.shown(), firstRow, size, sums));
    }

    /** All that match, as a file with exact figures. */
    @GetMapping(path = "/table.csv", produces = "text/csv")
    ResponseEntity<String> csv(@Valid @ParameterObject BalanceTableForm form) {
        return tables.csv(form.name(), form.query(), form.what(), form.shown()).answer();
    }

    /** All that match, as a workbook. */
    @GetMapping("/table.xlsx")
    ResponseEntity<byte[]> xlsx(@Valid @ParameterObject BalanceTableForm form) {
        return tables.xlsx(form.name(), form.query(), form.what(), form.shown()).answer();
    }
}
