package upahead.server.payruns;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.calendar.DateSpan;
import upahead.core.quantity.Amount;
import upahead.server.organisation.Organisation;
import upahead.server.organisation.PayGroup;
import upahead.server.payruns.PostedLineStore.Posted;
import upahead.server.periods.LateChanges;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.audit.Audit;
import upahead.server.platform.audit.Thing;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.hooks.HookEvent;
import upahead.server.platform.hooks.Webhooks;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.platform.words.Words;

/** Closes runs, each once and in one piece, and undoes the newest close of a group. */
@Service
public class RunClosing {

    private static final int BATCH = 2000;

    private final PayRuns runs;
    private final PayRunStore store;
    private final PostedLineStore posted;
    private final RunPostings postings;
    private final GatheredRuns gathered;
    private final Organisation organisation;
    private final CurrentUser user;
    private final Audit audit;
    private final MovableClock clock;
    private final LateChanges changes;
    private final HandOver handOver;
    private final ClosingStore closings;
    private final CheckedFigures checked;
    private final List<CloseUndone> told;
    private final Webhooks webhooks;

    RunClosing(
            PayRuns runs,
            PayRunStore store,
            PostedLineStore posted,
            RunPostings postings,
            GatheredRuns gathered,
            Organisation organisation,
            CurrentUser user,
            Audit audit,
            MovableClock clock,
            LateChanges changes,
            HandOver handOver,
            ClosingStore closings,
            CheckedFigures checked,
            List<CloseUndone> told,
            Webhooks webhooks) {
        this.runs = runs;
        this.store = store;
        this.posted = posted;
        this.postings = postings;
        this.gathered = gathered;
        this.organisation = organisation;
        this.user = user;
        this.audit = audit;
        this.clock = clock;
        this.changes = changes;
        this.handOver = handOver;
        this.closings = closings;
        this.checked = checked;
        this.told = told;
        this.webhooks = webhooks;
    }

    /**
     * Closes a checked run: freezes its lines and begins the next one, all or nothing.
     *
     * @throws Refusal if it is closed already, something stops it, it is not checked, or no longer as it was checked
     */
    @Transactional
    @May(Permission.RUN_PAYROLL)
    public PayRun close(long id) {
        PayRun run = runs.get(id);
        if (run.isClosed()) {
            throw Refusal.conflict(closedAlready(run));
        }
        List<Blocker> stopping = gathered.blockersAtClose(run);
        if (!stopping.isEmpty()) {
            throw Refusal.conflict("This run cannot be closed yet. " + Blocker.inWords(stopping));
        }
        if (!store.close(id, clock.now(), user.get().name(), changes.newest())) {
            throw Refusal.conflict(
                    "This run is not checked. Look at its cautions and check it; then it can be closed.");
        }
        int lines = freeze(run);
        store.addEvent(id, event(RunEvent.What.CLOSED, ""));
        if (!run.isOffCycle()) {
            beginNext(run);
        }
        audit.record(Thing.PAY_RUN, id, "closed a run", null, run.period() + ", " + lines + " lines");
        PayRun closed = runs.get(id);
        webhooks.tell(HookEvent.RUN_CLOSED, about(closed));
        return closed;
    }

    private void beginNext(PayRun run) {
        PayGroup group = organisation.payGroup(run.payGroupId());
        DateSpan next = group.calendar().after(run.period());
        if (store.ofGroup(group.id()).stream()
                .noneMatch(other -> other.firstDay().equals(next.first()))) {
            store.add(group.id(), next, group.payDay().of(next));
        }
    }

    private int freeze(PayRun run) {
        List<Posted> batch = new ArrayList<>(BATCH);
        Closed frozen = new Closed();
        HandOver.Gathering forPayroll = handOver.gather(run);
        CheckedFigures.Comparison comparison = checked.compareWith(run);
        postings.each(
                run,
                person -> {
                    comparison.look(person);
                    return person;
                },
                person -> {
                    forPayroll.take(person);
                    person.accounts().forEach(account -> batch.addAll(posted(run, account)));
                    if (batch.size() >= BATCH) {
                        add(batch, frozen);
                    }
                });
        add(batch, frozen);
        List<String> changed = comparison.changed();
        if (!changed.isEmpty()) {
            throw Refusal.conflict("This is no longer the run that was checked. " + String.join(" ", changed)
                    + " Nothing was closed; please check it again.");
        }
        forPayroll.store(run.closings() + 1);
        closings.add(run.id(), run.closings() + 1, frozen.sums());
        return frozen.sums().lines();
    }

    private static List<Posted> posted(PayRun run, AccountPostings account) {
        return account.lines().stream()
                .map(posting ->
                        new Posted(run.id(), run.closings() + 1, account.key(), posting.line(), posting.causeId()))
                .toList();
    }

    private void add(List<Posted> batch, Closed frozen) {
        posted.add(batch);
        batch.forEach(frozen::count);
        batch.clear();
    }

    /**
     * Undoes the newest close of a group: posts the reversal of each of its lines and deletes nothing. The run gathers
     * again.
     *
     * @param reason why, not blank
     * @throws Refusal if the run is not the newest closed one of its group, or no reason is given
     */
    @Transactional
    @May(Permission.RUN_PAYROLL)
    public PayRun undo(long id, String reason) {
        PayRun run = runs.get(id);
        if (!run.isClosed()) {
            throw Refusal.conflict("This run is not closed; there is nothing to undo.");
        }
        if (!runs.canBeUndone(run)) {
            throw Refusal.conflict("Only the newest closed run can be undone. Undo the later ones first.");
        }
        if (reason.isBlank()) {
            throw Refusal.of("reason", "Please say why the close is undone.");
        }
        int lines = reverse(run, reason.strip());
        handOver.reverse(run);
        told.forEach(each -> each.undone(run));
        if (!store.undo(id)) {
            throw Refusal.conflict("Somebody else has undone this close meanwhile.");
        }
        store.addEvent(id, event(RunEvent.What.UNDONE, reason.strip()));
        audit.record(Thing.PAY_RUN, id, "undid a close", run.period() + ", " + lines + " lines", reason.strip());
        webhooks.tell(HookEvent.RUN_UNDONE, about(run));
        return runs.get(id);
    }

    private Map<String, Object> about(PayRun run) {
        return Map.of(
                "run", run.id(),
                "payGroup", organisation.payGroup(run.payGroupId()).name(),
                "firstDay", run.firstDay(),
                "lastDay", run.lastDay(),
                "offCycle", run.isOffCycle());
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

    private static String closedAlready(PayRun run) {
        return "This run was closed by " + run.closedBy() + " on "
                + Words.day(run.closedAt().toLocalDate()) + ". It is closed once; nothing was changed now.";
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
}
