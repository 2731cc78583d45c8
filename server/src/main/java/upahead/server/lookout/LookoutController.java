package upahead.server.lookout;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import java.time.LocalDate;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import upahead.server.lookout.LookoutItem.Kind;
import upahead.server.lookout.LookoutItem.Urgency;
import upahead.server.platform.json.Page;

/** The front page. */
@RestController
@RequestMapping("/api/lookout")
class LookoutController {

    private static final int MOST_LINES = 1_000;

    private final Lookout lookout;
    private final FirstSteps firstSteps;

    LookoutController(Lookout lookout, FirstSteps firstSteps) {
        this.lookout = lookout;
        this.firstSteps = firstSteps;
    }

    @GetMapping("/first-steps")
    List<FirstStep> firstSteps() {
        return firstSteps.all();
    }

    @GetMapping
    LookoutView look(
            @RequestParam(defaultValue = "0") @Min(0) int page,
            @RequestParam(defaultValue = "50") @Min(1) @Max(MOST_LINES) int size) {
        return LookoutView.of(lookout.look(), page, size);
    }

    /**
     * Each of those to whom the same happens.
     *
     * @param linePolicyId the policy their line is about, null where it is about none
     * @param lineBy the day of the first of them
     */
    @GetMapping("/items")
    Page<LookoutItem> items(
            @RequestParam Urgency lineUrgency,
            @RequestParam Kind lineKind,
            @RequestParam(required = false) Long linePolicyId,
            @RequestParam LocalDate lineBy,
            @RequestParam(defaultValue = "0") @Min(0) int page,
            @RequestParam(defaultValue = "50") @Min(1) @Max(MOST_LINES) int size) {
        return Page.of(
                LookoutLine.itemsOf(lookout.look().rows(), lineUrgency, lineKind, linePolicyId, lineBy), page, size);
    }
}
