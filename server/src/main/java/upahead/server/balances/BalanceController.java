package upahead.server.balances;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
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
import upahead.server.json.Page;
import upahead.server.people.PeopleQuery;

/** Balances as of any day. */
@RestController
@RequestMapping("/api")
class BalanceController {

    private final Balances balances;

    BalanceController(Balances balances) {
        this.balances = balances;
    }

    @GetMapping("/balances")
    Page<BalanceRow> all(
            @RequestParam LocalDate asOf,
            @RequestParam(required = false) String search,
            @RequestParam(required = false) Long teamId,
            @RequestParam(required = false) Long policyId,
            @RequestParam(defaultValue = "0") @Min(0) int page,
            @RequestParam(defaultValue = "25") @Min(1) @Max(200) int size) {
        return balances.all(asOf, new PeopleQuery(search, teamId, null, null, null, page, size), policyId);
    }

    @GetMapping("/people/{personId}/balances")
    List<BalanceRow> ofPerson(@PathVariable long personId, @RequestParam LocalDate asOf) {
        return balances.of(personId, asOf);
    }

    @GetMapping("/people/{personId}/balances/{policyId}")
    BalanceDetail one(@PathVariable long personId, @PathVariable long policyId, @RequestParam LocalDate asOf) {
        return balances.one(personId, policyId, asOf);
    }

    @GetMapping("/people/{personId}/ahead")
    List<AheadView> ahead(@PathVariable long personId, @RequestParam LocalDate asOf) {
        return balances.ahead(personId, asOf);
    }

    @PostMapping("/people/{personId}/balances/{policyId}/adjustments")
    @ResponseStatus(HttpStatus.CREATED)
    BalanceDetail adjust(
            @PathVariable long personId, @PathVariable long policyId, @Valid @RequestBody AdjustmentForm form) {
        balances.adjust(personId, policyId, form.adjustment());
        return balances.one(personId, policyId, form.on());
    }
}
