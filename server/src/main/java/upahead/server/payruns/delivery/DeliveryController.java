package upahead.server.payruns.delivery;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import upahead.server.payruns.delivery.HandOverFiles.HandOverDocument;

/** What payroll gets of a run: files, and deliveries. */
@RestController
@RequestMapping("/api/pay-runs/{id}")
class DeliveryController {

    /** Rows that payroll has refused. */
    record RefusedRows(@NotEmpty(message = "please choose a row") List<@NotNull Long> lines) {}

    /** Rows that were settled by hand, and how. */
    record SettledRows(
            @NotEmpty(message = "please choose a row") List<@NotNull Long> lines,
            @Nullable @Size(max = 400, message = "the note has at most 400 characters") String note) {}

    private final HandOverFiles files;
    private final Deliveries deliveries;
    private final Courier courier;

    DeliveryController(HandOverFiles files, Deliveries deliveries, Courier courier) {
        this.files = files;
        this.deliveries = deliveries;
        this.courier = courier;
    }

    /** What payroll got with a close of the run, the newest where none is named, or what was taken back of it. */
    @GetMapping(path = "/hand-over.csv", produces = "text/csv")
    ResponseEntity<byte[]> csv(
            @PathVariable long id,
            @RequestParam(required = false) Integer closing,
            @RequestParam(defaultValue = "false") boolean reversal) {
        return files.csv(id, closing, reversal).answer();
    }

    /** The same as JSON. */
    @GetMapping("/hand-over.json")
    HandOverDocument json(
            @PathVariable long id,
            @RequestParam(required = false) Integer closing,
            @RequestParam(defaultValue = "false") boolean reversal) {
        return files.document(id, closing, reversal);
    }

    /** What payroll would get if the run were closed now. */
    @GetMapping(path = "/to-hand-over.csv", produces = "text/csv")
    ResponseEntity<byte[]> ahead(@PathVariable long id) {
        return files.ahead(id).answer();
    }

    /** What was delivered of the run. */
    @GetMapping("/delivery")
    RunDelivery of(@PathVariable long id) {
        return deliveries.of(id);
    }

    /** Delivers the newest close. */
    @PostMapping("/delivery")
    RunDelivery deliver(@PathVariable long id) {
        deliveries.deliver(id);
        return sent(id);
    }

    /** Tries again what payroll has not answered. */
    @PostMapping("/delivery/tries")
    RunDelivery tryAgain(@PathVariable long id) {
        deliveries.of(id);
        return sent(id);
    }

    /** Delivers rows again that payroll has refused. */
    @PostMapping("/delivery/again")
    RunDelivery deliverAgain(@PathVariable long id, @Valid @RequestBody RefusedRows rows) {
        deliveries.deliverAgain(id, rows.lines());
        return sent(id);
    }

    /** Settles rows by hand that payroll has refused. */
    @PostMapping("/delivery/settled")
    RunDelivery settle(@PathVariable long id, @Valid @RequestBody SettledRows rows) {
        deliveries.settle(id, rows.lines(), rows.note() == null ? "" : rows.note());
        return deliveries.of(id);
    }

    private RunDelivery sent(long id) {
        courier.come();
        return deliveries.of(id);
    }
}
