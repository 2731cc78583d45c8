package upahead.server.lookout;

import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Component;
import upahead.server.lookout.LookoutItem.Kind;
import upahead.server.lookout.LookoutItem.Urgency;
import upahead.server.payruns.HandOver;
import upahead.server.payruns.PayRun;
import upahead.server.payruns.delivery.Deliveries;
import upahead.server.platform.words.Words;

/** What payroll has refused or not answered. */
@Component
class PayrollFinder {

    private final Deliveries deliveries;
    private final HandOver handOver;

    PayrollFinder(Deliveries deliveries, HandOver handOver) {
        this.deliveries = deliveries;
        this.handOver = handOver;
    }

    List<LookoutItem> find() {
        List<LookoutItem> items = new ArrayList<>();
        deliveries
                .open()
                .forEach((runId, rows) -> items.add(item(
                        runId,
                        "Payroll has refused " + Words.count(rows, "row"),
                        "Not paid until delivered again or settled by hand.")));
        deliveries.unanswered().stream()
                .map(delivery -> delivery.runId())
                .distinct()
                .forEach(runId -> items.add(item(
                        runId,
                        "Payroll does not answer",
                        "What was delivered is sent again by itself; each row is taken once.")));
        return items;
    }

    private LookoutItem item(long runId, String what, String why) {
        PayRun run = handOver.run(runId);
        return new LookoutItem(
                Urgency.NOW,
                Kind.PAYROLL,
                run.lastDay(),
                what,
                "Of the run " + Words.span(run.period()) + ". " + why,
                null,
                null,
                null,
                runId,
                null);
    }
}
