package upahead.server.payruns;

import jakarta.annotation.Nullable;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.calendar.DateSpan;
import upahead.server.organisation.Organisation;
import upahead.server.organisation.PayGroup;
import upahead.server.platform.audit.Audit;
import upahead.server.platform.audit.Thing;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.platform.serving.AsBefore.Shown;

/** Pay runs: begun, and looked at while they gather and after. */
@Service
public class PayRuns {

    private final PayRunStore store;
    private final GatheredRuns gathered;
    private final Blockers blockers;
    private final Organisation organisation;
    private final Audit audit;

    PayRuns(PayRunStore store, GatheredRuns gathered, Blockers blockers, Organisation organisation, Audit audit) {
        this.store = store;
        this.gathered = gathered;
        this.blockers = blockers;
        this.organisation = organisation;
        this.audit = audit;
    }

    /** The runs of a group, newest first. */
    @Transactional(readOnly = true)
    @May(Permission.RUN_PAYROLL)
    public List<PayRun> ofGroup(long payGroupId) {
        return store.ofGroup(payGroupId);
    }

    /**
     * Begins the first run of a group with the period that contains a day.
     *
     * @throws Refusal if the group has a run already
     */
    @Transactional
    @May(Permission.RUN_PAYROLL)
    public void begin(long payGroupId, LocalDate day) {
        if (!store.ofGroup(payGroupId).isEmpty()) {
            throw Refusal.conflict("This pay group has begun already.");
        }
        PayGroup group = organisation.payGroup(payGroupId);
        DateSpan period = group.calendar().periodOf(day);
        long id = store.add(payGroupId, period, group.payDay().of(period));
        audit.record(Thing.PAY_RUN, id, "began the first run", null, period.toString());
    }

    /**
     * A run, what stops its close and what it comes to. It is read part by part: large groups are read by several workers,
     * and nobody waits for these with a connection in hand.
     */
    @May(Permission.RUN_PAYROLL)
    public Worksheet worksheet(long id) {
        GatheredRun gathered = this.gathered.of(id);
        PayRun run = gathered.run();
        return new Worksheet(
                run,
                organisation.payGroup(run.payGroupId()).name(),
                gathered.blockers(),
                canBeUndone(run),
                store.events(id),
                WorksheetRow.COLUMNS.shown(),
                WorksheetSums.of(gathered),
                gathered.rows().stream()
                        .map(WorksheetRow::policy)
                        .distinct()
                        .sorted()
                        .toList(),
                gathered.rows().stream()
                        .map(WorksheetRow::team)
                        .distinct()
                        .sorted()
                        .toList(),
                this.gathered.isBeingRenewed(id));
    }

    /** All rows of a run that are asked for. */
    @May(Permission.RUN_PAYROLL)
    public List<WorksheetRow> rows(long id, WorksheetQuery query) {
        return query.of(gathered.of(id).rows());
    }

    /** What in a run only needs a look, of one kind or of all; what nobody has accepted comes first. */
    @May(Permission.RUN_PAYROLL)
    public List<Caution> cautions(long id, @Nullable Caution.Kind kind) {
        return gathered.of(id).cautions().stream()
                .filter(caution -> kind == null || caution.kind() == kind)
                .toList();
    }

    /** What stops the close of a run, or of a large one what stopped it a moment ago. */
    @Transactional(readOnly = true)
    @May(Permission.RUN_PAYROLL)
    public Shown<Blocker> blockersLately(long id) {
        return blockers.lately(get(id));
    }

    /** Whether it is the newest closed run: that of a leaver is, as long as the run of the group is open. */
    boolean canBeUndone(PayRun run) {
        Optional<PayRun> newest = store.closedBefore(run.payGroupId(), LocalDate.MAX);
        return run.isClosed()
                && (run.isOffCycle()
                        ? newest.filter(closed -> !closed.firstDay().isBefore(run.firstDay()))
                                .isEmpty()
                        : newest.filter(closed -> closed.id() == run.id()).isPresent());
    }

    /**
     * @throws Refusal if there is no such run
     */
    PayRun get(long id) {
        return store.find(id).orElseThrow(() -> Refusal.notFound("pay run"));
    }

    /**
     * A run into which hours can be brought.
     *
     * @throws Refusal if there is no such run or it is closed
     */
    @Transactional(readOnly = true)
    @May(Permission.RUN_PAYROLL)
    public PayRun gathering(long id) {
        PayRun run = get(id);
        if (run.isClosed()) {
            throw Refusal.conflict("This run is closed; hours cannot be brought in any more.");
        }
        return run;
    }
}
