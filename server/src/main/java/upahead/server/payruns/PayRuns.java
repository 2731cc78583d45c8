package upahead.server.payruns;

import java.time.LocalDate;
import java.util.List;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.calendar.DateSpan;
import upahead.server.access.CurrentUser;
import upahead.server.audit.Audit;
import upahead.server.clock.MovableClock;
import upahead.server.payruns.PayRunStore.AccountKey;
import upahead.server.payruns.PayRunStore.Posted;
import upahead.server.people.Organisation;
import upahead.server.people.PayGroup;
import upahead.server.problems.Refusal;
import upahead.server.words.Words;

/** Pay runs: gathering a period, and closing it once, in one piece. */
@Service
public class PayRuns {

    private final PayRunStore store;
    private final WorksheetBuilder worksheets;
    private final Blockers blockers;
    private final Organisation organisation;
    private final CurrentUser user;
    private final Audit audit;
    private final MovableClock clock;

    PayRuns(
            PayRunStore store,
            WorksheetBuilder worksheets,
            Blockers blockers,
            Organisation organisation,
            CurrentUser user,
            Audit audit,
            MovableClock clock) {
        this.store = store;
        this.worksheets = worksheets;
        this.blockers = blockers;
        this.organisation = organisation;
        this.user = user;
        this.audit = audit;
        this.clock = clock;
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
        audit.record("pay run", id, "began the first run", null, period.toString());
    }

    /** A run with its figures and what stops its close. */
    @Transactional(readOnly = true)
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public Worksheet worksheet(long id) {
        PayRun run = get(id);
        return new Worksheet(
                run, organisation.payGroup(run.payGroupId()).name(), blockers.of(run), worksheets.rows(run));
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
    public Worksheet close(long id) {
        PayRun run = get(id);
        if (run.state() == RunState.CLOSED
                || !store.close(id, clock.now(), user.get().name())) {
            throw Refusal.conflict(closedAlready(get(id)));
        }
        List<Blocker> stopping = blockers.of(run);
        if (!stopping.isEmpty()) {
            throw Refusal.conflict(
                    "This run cannot be closed yet. " + stopping.get(0).message()
                            + (stopping.size() == 1 ? "" : " And " + (stopping.size() - 1) + " more."));
        }
        List<Posted> lines = worksheets.rows(run).stream()
                .flatMap(row -> row.lines().stream()
                        .map(line -> new Posted(run.id(), new AccountKey(row.personId(), row.policyId()), line)))
                .toList();
        store.post(lines);
        PayGroup group = organisation.payGroup(run.payGroupId());
        store.add(group.id(), group.calendar().after(run.period()));
        audit.record("pay run", id, "closed a run", null, run.period() + ", " + lines.size() + " lines");
        return worksheet(id);
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
