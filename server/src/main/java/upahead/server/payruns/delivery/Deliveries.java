package upahead.server.payruns.delivery;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.payruns.CloseUndone;
import upahead.server.payruns.HandOver;
import upahead.server.payruns.HandOverFigures;
import upahead.server.payruns.HandedOver;
import upahead.server.payruns.PayRun;
import upahead.server.payruns.PayrollLine;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.audit.Audit;
import upahead.server.platform.audit.Thing;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;

/** Delivers each close to payroll once, takes it back once when it is undone, and settles what payroll refuses. */
@Service
public class Deliveries implements CloseUndone {

    /** How what was refused of a close is settled that was undone. */
    static final String UNDONE = "the close was undone";

    private final DeliveryStore store;
    private final RefusedLineStore refusals;
    private final HandOver handOver;
    private final Layouts layouts;
    private final CurrentUser user;
    private final MovableClock clock;
    private final Audit audit;

    Deliveries(
            DeliveryStore store,
            RefusedLineStore refusals,
            HandOver handOver,
            Layouts layouts,
            CurrentUser user,
            MovableClock clock,
            Audit audit) {
        this.store = store;
        this.refusals = refusals;
        this.handOver = handOver;
        this.layouts = layouts;
        this.user = user;
        this.clock = clock;
        this.audit = audit;
    }

    /** What was delivered of a run. */
    @Transactional(readOnly = true)
    @May(Permission.RUN_PAYROLL)
    public RunDelivery of(long runId) {
        List<Delivery> deliveries = store.ofRun(runId);
        PayRun run = handOver.run(runId);
        boolean delivered = deliveries.stream().anyMatch(each -> each.closing() == run.closings() && !each.reversal());
        return new RunDelivery(deliveries, refused(run, deliveries), run.isClosed() && !delivered);
    }

    private List<RefusedRow> refused(PayRun run, List<Delivery> deliveries) {
        List<RefusedLine> lines = refusals.of(run.id());
        if (lines.isEmpty()) {
            return List.of();
        }
        Map<Long, HandedOver> known =
                handOver.lines(lines.stream().map(RefusedLine::lineId).toList());
        Layout layout = layouts.of(run.payGroupId()).layout();
        Set<Long> onTheWay = onTheWay(deliveries);
        return lines.stream()
                .map(line -> row(line, known.get(line.lineId()), layout, onTheWay))
                .sorted(Comparator.comparing((RefusedRow row) -> row.settled() != null)
                        .thenComparing(RefusedRow::person))
                .toList();
    }

    private static RefusedRow row(RefusedLine refused, HandedOver line, Layout layout, Set<Long> onTheWay) {
        return new RefusedRow(
                refused.lineId(),
                line.personName(),
                layout.code(line.payrollCode()),
                line.what(),
                line.amount(),
                line.unit(),
                line.about().first(),
                line.about().last(),
                refused.reason(),
                onTheWay.contains(refused.lineId()),
                refused.settled());
    }

    private Set<Long> onTheWay(List<Delivery> deliveries) {
        return deliveries.stream()
                .filter(Delivery::isWaiting)
                .flatMap(delivery -> store.lines(delivery.id()).stream())
                .collect(Collectors.toSet());
    }

    /** How many rows payroll has refused that are not settled, by the ids of their runs. */
    @Transactional(readOnly = true)
    @May(Permission.RUN_PAYROLL)
    public Map<Long, Integer> open() {
        return refusals.open();
    }

    /** The deliveries that payroll has not answered, though it was tried. */
    @Transactional(readOnly = true)
    @May(Permission.RUN_PAYROLL)
    public List<Delivery> unanswered() {
        return store.waiting().stream()
                .map(DeliveryStore.Sending::delivery)
                .filter(delivery -> delivery.tries() > 0)
                .toList();
    }

    /**
     * Lets the newest close of a run be delivered.
     *
     * @throws Refusal if the run is not closed, or was delivered already
     */
    @Transactional
    @May(Permission.RUN_PAYROLL)
    public void deliver(long runId) {
        PayRun run = handOver.run(runId);
        if (!run.isClosed()) {
            throw Refusal.conflict("This run is not closed; there is nothing to deliver yet.");
        }
        store.of(runId, run.closings(), false).ifPresent(before -> {
            throw Refusal.conflict("This was delivered already, by " + before.askedBy() + ". Payroll gets it once.");
        });
        store.add(runId, run.closings(), false, 1, null, user.get().name(), clock.now());
        audit.record(
                Thing.PAY_RUN, runId, "delivered to payroll", null, run.period().toString());
    }

    /**
     * Lets rows be delivered again that payroll has refused.
     *
     * @throws Refusal if one of them was not refused, is settled, or is on its way again already
     */
    @Transactional
    @May(Permission.RUN_PAYROLL)
    public void deliverAgain(long runId, Collection<Long> lines) {
        Map<Long, RefusedRow> open = open(runId);
        lines.forEach(line -> {
            if (!open.containsKey(line) || open.get(line).beingDelivered()) {
                throw Refusal.conflict("This row is settled or on its way already; nothing was sent.");
            }
        });
        List<Delivery> all = store.ofRun(runId);
        for (Delivery first : all.stream().filter(each -> each.attempt() == 1).toList()) {
            Set<Long> own = idsOf(handOver.of(runId, first.closing(), first.reversal()));
            own.retainAll(new HashSet<>(lines));
            if (!own.isEmpty()) {
                int attempt = (int) all.stream()
                                .filter(each ->
                                        each.closing() == first.closing() && each.reversal() == first.reversal())
                                .count()
                        + 1;
                store.add(
                        runId,
                        first.closing(),
                        first.reversal(),
                        attempt,
                        own,
                        user.get().name(),
                        clock.now());
            }
        }
        audit.record(Thing.PAY_RUN, runId, "delivered refused rows again", null, lines.size() + " rows");
    }

    /**
     * Settles rows that payroll has refused by hand, as when they were typed there.
     *
     * @param note how, not blank
     * @throws Refusal if there is no note, or one of the rows is settled or on its way
     */
    @Transactional
    @May(Permission.RUN_PAYROLL)
    public void settle(long runId, Collection<Long> lines, String note) {
        if (note.isBlank()) {
            throw Refusal.of("note", "Please say how it was settled.");
        }
        Map<Long, RefusedRow> open = open(runId);
        if (lines.stream()
                .anyMatch(line -> !open.containsKey(line) || open.get(line).beingDelivered())) {
            throw Refusal.conflict("This row is settled or on its way already; nothing was changed.");
        }
        refusals.settle(lines, user.get().name(), clock.now(), note.strip());
        audit.record(Thing.PAY_RUN, runId, "settled refused rows by hand", null, note.strip());
    }

    private Map<Long, RefusedRow> open(long runId) {
        return of(runId).refused().stream()
                .filter(row -> row.settled() == null)
                .collect(Collectors.toMap(RefusedRow::lineId, row -> row));
    }

    private static Set<Long> idsOf(HandOverFigures figures) {
        return figures.lines().stream().map(PayrollLine::id).collect(Collectors.toSet());
    }

    /** What payroll never took is not taken back; the rest is, in the same order, by rows of its own. */
    @Override
    public void undone(PayRun run) {
        if (store.of(run.id(), run.closings(), false).isEmpty()) {
            return;
        }
        List<PayrollLine> delivered = handOver.delivered(run, false);
        List<PayrollLine> takenBack = handOver.delivered(run, true);
        Set<Long> never = refusals.of(run.id()).stream()
                .filter(line -> line.settled() == null)
                .map(RefusedLine::lineId)
                .collect(Collectors.toSet());
        List<Long> lines = new ArrayList<>();
        for (int at = 0; at < delivered.size(); at++) {
            if (!never.contains(delivered.get(at).id())) {
                lines.add(takenBack.get(at).id());
            }
        }
        refusals.settle(never, user.get().name(), clock.now(), UNDONE);
        if (!lines.isEmpty()) {
            store.add(run.id(), run.closings(), true, 1, lines, user.get().name(), clock.now());
        }
    }
}
