package upahead.server.accounts;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import java.time.LocalDate;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import upahead.server.employment.PeopleQuery;
import upahead.server.facts.adjustments.AdjustmentForm;
import upahead.server.facts.adjustments.Adjustments;
import upahead.server.platform.tables.TablePage;

/** Balances as of any day. */
@RestController
@RequestMapping("/api")
class BalanceController {

    private final Balances balances;
    private final Adjustments adjustments;

    BalanceController(Balances balances, Adjustments adjustments) {
        this.balances = balances;
        this.adjustments = adjustments;
    }

    @GetMapping("/balances")
    TablePage<BalanceRow> all(
            @RequestParam LocalDate asOf,
            @RequestParam(required = false) String search,
            @RequestParam(required = false) Long teamId,
            @RequestParam(required = false) Long policyId,
            @RequestParam(defaultValue = "0") @Min(0) int page,
            @RequestParam(defaultValue = "25") @Min(1) @Max(200) int size) {
        return balances.all(asOf, new PeopleQuery(search, teamId, null, null, null, page, size), policyId);
    }

    /** All that match, as a file with exact figures. */
    @GetMapping(path = "/balances/table.csv", produces = "text/csv")
    ResponseEntity<String> csv(
            @RequestParam LocalDate asOf,
            @RequestParam(required = false) String search,
            @RequestParam(required = false) Long teamId,
            @RequestParam(required = false) Long policyId) {
        return BalanceRow.COLUMNS
                .csv(name(asOf), rows(asOf, search, teamId, policyId))
                .answer();
    }

    /** All that match, as a workbook. */
    @GetMapping("/balances/table.xlsx")
    ResponseEntity<byte[]> xlsx(
            @RequestParam LocalDate asOf,
            @RequestParam(required = false) String search,
            @RequestParam(required = false) Long teamId,
            @RequestParam(required = false) Long policyId) {
        return BalanceRow.COLUMNS
                .xlsx(name(asOf), rows(asOf, search, teamId, policyId))
                .answer();
    }

    private List<BalanceRow> rows(LocalDate asOf, String search, Long teamId, Long policyId) {
        PeopleQuery everybody = new PeopleQuery(search, teamId, null, null, null, 0, Integer.MAX_VALUE);
        return balances.all(asOf, everybody, policyId).items();
    }

    private static String name(LocalDate asOf) {
        return "balances-" + asOf;
    }

    @GetMapping("/people/{personId}/balances")
    TablePage<BalanceRow> ofPerson(@PathVariable long personId, @RequestParam LocalDate asOf) {
        return TablePage.all(BalanceRow.COLUMNS, balances.of(personId, asOf));
    }

    @GetMapping("/people/{personId}/balances/{policyId}")
    BalanceDetail one(@PathVariable long personId, @PathVariable long policyId, @RequestParam LocalDate asOf) {
        return balances.one(personId, policyId, asOf);
    }

    @GetMapping("/people/{personId}/terms")
    List<OwnTermsView> terms(@PathVariable long personId, @RequestParam LocalDate on) {
        return balances.terms(personId, on);
    }

    @GetMapping("/people/{personId}/ahead")
    List<AheadView> ahead(@PathVariable long personId, @RequestParam LocalDate asOf) {
        return balances.ahead(personId, asOf);
    }

    @PostMapping("/people/{personId}/balances/{policyId}/adjustments")
    @ResponseStatus(HttpStatus.CREATED)
    BalanceDetail adjust(
            @PathVariable long personId, @PathVariable long policyId, @Valid @RequestBody AdjustmentForm form) {
        adjustments.adjust(personId, policyId, form.adjustment());
        return balances.one(personId, policyId, form.on());
    }
}
