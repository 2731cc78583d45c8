package upahead.server.accounts;

import jakarta.validation.Valid;
import java.time.LocalDate;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import upahead.server.facts.adjustments.AdjustmentForm;
import upahead.server.facts.adjustments.Adjustments;
import upahead.server.platform.tables.TablePage;

/** Somebody's balances as of any day. */
@RestController
@RequestMapping("/api")
class BalanceController {

    private static final List<String> OF_A_PERSON = List.of(
            "policy", "unit", "carried", "earned", "used", "balance", "booked", "waiting", "askable", "upAhead");

    private final Balances balances;
    private final Adjustments adjustments;

    BalanceController(Balances balances, Adjustments adjustments) {
        this.balances = balances;
        this.adjustments = adjustments;
    }

    @GetMapping("/people/{personId}/balances")
    TablePage<BalanceRow> ofPerson(@PathVariable long personId, @RequestParam LocalDate asOf) {
        return TablePage.all(BalanceRow.COLUMNS.only(OF_A_PERSON), balances.of(personId, asOf));
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
