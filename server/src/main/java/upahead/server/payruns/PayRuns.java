package upahead.server.payruns;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.calendar.DateSpan;
import upahead.core.quantity.Amount;
import upahead.server.access.CurrentUser;
import upahead.server.audit.Audit;
import upahead.server.audit.Thing;
import upahead.server.changes.LateChanges;
import upahead.server.clock.MovableClock;
import upahead.server.payruns.PostedLineStore.AccountKey;
import upahead.server.payruns.PostedLineStore.Posted;
import upahead.server.people.Organisation;
import upahead.server.people.PayGroup;
import upahead.server.problems.Refusal;
import upahead.server.words.Words;

/** Pay runs: gathering a period, and closing it once, in one piece. */
@Service
public class PayRuns {

    private static final int BATCH = 2000;

    private final PayRunStore store;
    private final PostedLineStore posted;
    private final WorksheetBuilder worksheets;
    private final Blockers blockers;
    private final Organisation organisation;
    private final CurrentUser user;
    private final Audit audit;
    private final MovableClock clock;
    private final LateChanges changes;
    private final HandOver handOver;
    private final ClosingStore closings;

    PayRuns(
            PayRunStore store,
            PostedLineStore posted,
            WorksheetBuilder worksheets,
            Blockers blockers,
            Organisation organisation,
            CurrentUser user,
            Audit audit,
            MovableClock clock,
            LateChanges changes,
            HandOver handOver,
            ClosingStore closings) {
        this.store = store;
        this.posted = posted;
        this.worksheets = worksheets;
        this.blockers = blockers;
        this.organisation = organisation;
        this.user = user;
        this.audit = audit;
        this.clock = clock;
        this.changes = changes;
        this.handOver = handOver;
        this.closings = closings;
    }

    /** The runs of a group, newest first. */
    @Transactional(readOnly = true)
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public List<PayRun> ofGroup(long payGroupId) {
        return store.ofGroup(payGroupId);
    }

    /**
     * Begins the first run of a group with the period that contains a day.
     *
     * @throws Refusal if the group has a run already
     */
    @Transactional
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public void begin(long payGroupId, LocalDate day) {
        if (!store.ofGroup(payGroupId).isEmpty()) {
            throw Refusal.conflict("This pay group has begun already.");
        }
        DateSpan period = organisation.payGroup(payGroupId).calendar().periodOf(day);
        long id = store.add(payGroupId, period);
        audit.record(Thing.PAY_RUN, id, "began the first run", null, period.toString());
    }

    /**
     * A run with its figures and what stops its close. Each part is read by itself: large groups are read by several
     * workers, and nobody waits for these with a connection in hand.
     */
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public Worksheet worksheet(long id) {
        PayRun run = get(id);
        return new Worksheet(
                run,
                organisation.payGroup(run.payGroupId()).name(),
                blockers.of(run),
                run.isClosed() && newestClosed(run.payGroupId()).id() == id,
                store.events(id),
                worksheets.rows(run));
    }

    /** What stops the close of a run. */
    @Transactional(readOnly = true)
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public List<Blocker> blockers(long id) {
        return blockers.of(get(id));
    }

    /**
     * Closes a run: freezes its lines and begins the next one, all or nothing.
     *
     * @throws Refusal if it is closed already or something stops it
     */
    @Transactional
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public PayRun close(long id) {
        PayRun run = get(id);
        if (run.isClosed() || !store.close(id, clock.now(), user.get().name(), changes.newest())) {
            throw Refusal.conflict(closedAlready(get(id)));
        }
        List<Blocker> stopping = blockers.of(run);
        if (!stopping.isEmpty()) {
            throw Refusal.conflict(
                    "This run cannot be closed yet. " + stopping.get(0).message()
                            + (stopping.size() == 1 ? "" : " And " + (stopping.size() - 1) + " more."));
        }
        int lines = freeze(run);
        store.addEvent(id, event(RunEvent.What.CLOSED, ""));
        PayGroup group = organisation.payGroup(run.payGroupId());
        DateSpan next = group.calendar().after(run.period());
        if (store.ofGroup(group.id()).stream()
                .noneMatch(other -> other.firstDay().equals(next.first()))) {
            store.add(group.id(), next);
        }
        audit.record(Thing.PAY_RUN, id, "closed a run", null, run.period() + ", " + lines + " lines");
        return get(id);
    }

    private int freeze(PayRun run) {
        List<Posted> batch = new ArrayList<>(BATCH);
        Closed frozen = new Closed();
        HandOver.Gathering forPayroll = handOver.gather(run);
        worksheets.each(run, row -> {
            forPayroll.take(row);
            AccountKey account = new AccountKey(row.personId(), row.policyId());
            for (WorksheetLine line : row.lines()) {
                Long cause = line.cause() == null ? null : line.cause().id();
                batch.add(new Posted(run.id(), run.closings() + 1, account, line.posting(), cause));
            }
            if (batch.size() >= BATCH) {
                add(batch, frozen);
            }
        });
        add(batch, frozen);
        forPayroll.store(run.closings() + 1);
        closings.add(run.id(), run.closings() + 1, frozen.sums());
        return frozen.sums().lines();
    }

    private void add(List<Posted> batch, Closed frozen) {
        posted.add(batch);
        batch.forEach(frozen::count);
        batch.clear();
    }

    /** Adds up what a close posts. */
    private static final class Closed {

        private int lines;
        private Amount amounts = Amount.ZERO;
        private Amount withheld = Amount.ZERO;

        void count(Posted posted) {
            lines++;
            amounts = amounts.plus(posted.line().amount());
            withheld = withheld.plus(posted.line().withheld());
        }

        ClosingStore.Sums sums() {
            return new ClosingStore.Sums(lines, amounts, withheld);
        }
    }

    /**
     * Undoes the newest close of a group: posts the reversal of each of its lines and deletes nothing. The run gathers
     * again.
     *
     * @param reason why, not blank
     * @throws Refusal if the run is not the newest closed one of its group, or no reason is given
     */
    @Transactional
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public PayRun undo(long id, String reason) {
        PayRun run = get(id);
        if (!run.isClosed()) {
            throw Refusal.conflict("This run is not closed; there is nothing to undo.");
        }
        if (newestClosed(run.payGroupId()).id() != id) {
            throw Refusal.conflict("Only the newest closed run can be undone. Undo the later ones first.");
        }
        if (reason.isBlank()) {
            throw Refusal.of("reason", "Please say why the close is undone.");
        }
        int lines = reverse(run, reason.strip());
        handOver.reverse(run);
        if (!store.undo(id)) {
            throw Refusal.conflict("Somebody else has undone this close meanwhile.");
        }
        store.addEvent(id, event(RunEvent.What.UNDONE, reason.strip()));
        audit.record(Thing.PAY_RUN, id, "undid a close", run.period() + ", " + lines + " lines", reason.strip());
        return get(id);
    }

    private int reverse(PayRun run, String reason) {
        int reversed = 0;
        long last = 0;
        Map<Long, Posted> some;
        do {
            some = posted.ofNewestCloseAfter(run, last, BATCH);
            posted.add(some.values().stream()
                    .map(line -> new Posted(
                            run.id(),
                            run.closings(),
                            line.account(),
                            line.line().reversed(reason),
                            null))
                    .toList());
            reversed += some.size();
            last = some.keySet().stream().max(Long::compareTo).orElse(last);
        } while (some.size() == BATCH);
        return reversed;
    }

    private RunEvent event(RunEvent.What what, String reason) {
        return new RunEvent(clock.now(), user.get().name(), what, reason);
    }

    private PayRun newestClosed(long payGroupId) {
        return store.closedBefore(payGroupId, LocalDate.MAX).orElseThrow();
    }

    /**
     * @throws Refusal if there is no such run
     */
    PayRun get(long id) {
        return store.find(id).orElseThrow(() -> Refusal.notFound("pay run"));
    }

    private static String closedAlready(PayRun run) {
        return "This run was closed by " + run.closedBy() + " on "
                + Words.day(run.closedAt().toLocalDate()) + ". It is closed once; nothing was changed now.";
    }
}
