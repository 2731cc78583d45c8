package upahead.server.payruns;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.payruns.AcceptedCautionStore.Told;
import upahead.server.payruns.Caution.Accepted;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.audit.Audit;
import upahead.server.platform.audit.Thing;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.platform.words.Words;

/** Somebody looks at what is unusual in a run, and checks it for its close. */
@Service
public class RunChecking {

    private final PayRunStore store;
    private final RunPostings postings;
    private final Blockers blockers;
    private final AcceptedCautionStore accepted;
    private final StatementStore statements;
    private final RunReopening reopening;
    private final CurrentUser user;
    private final MovableClock clock;
    private final Audit audit;

    RunChecking(
            PayRunStore store,
            RunPostings postings,
            Blockers blockers,
            AcceptedCautionStore accepted,
            StatementStore statements,
            RunReopening reopening,
            CurrentUser user,
            MovableClock clock,
            Audit audit) {
        this.store = store;
        this.postings = postings;
        this.blockers = blockers;
        this.accepted = accepted;
        this.statements = statements;
        this.reopening = reopening;
        this.user = user;
        this.clock = clock;
        this.audit = audit;
    }

    /** What is looked at of one person. */
    private record Looked(Fingerprint.Taken figures, List<Caution> cautions) {}

    /**
     * Checks a run: keeps what its figures are now, so that its close freezes these and no others.
     *
     * @param note to the cautions that nobody has accepted one by one; may be blank where there are none
     * @throws Refusal if the run is closed, something stops its close, or cautions are left without a note
     */
    @Transactional
    @May(Permission.RUN_PAYROLL)
    public void check(long id, String note) {
        PayRun run = open(id);
        List<Blocker> stopping = blockers.of(run);
        if (!stopping.isEmpty()) {
            throw Refusal.conflict("This run cannot be checked yet. " + Blocker.inWords(stopping));
        }
        Map<Told, Accepted> looked = new HashMap<>(accepted.of(id));
        List<Fingerprint.Taken> people = new ArrayList<>();
        List<Caution> left = new ArrayList<>();
        Set<Told> told = new HashSet<>();
        postings.each(run, person -> new Looked(Fingerprint.whole(person, run), Cautions.of(person, run)), each -> {
            people.add(each.figures());
            each.cautions().forEach(caution -> told.add(Told.of(caution)));
            each.cautions().stream()
                    .filter(caution -> !looked.containsKey(Told.of(caution)))
                    .forEach(left::add);
        });
        if (!left.isEmpty() && note.isBlank()) {
            throw Refusal.of(
                    "note",
                    "Nobody has looked at " + Words.count(left.size(), "caution") + " yet: "
                            + left.get(0).person() + ", " + left.get(0).words()
                            + ". Accept each, or say here why all of them are right.");
        }
        looked.keySet().removeAll(told);
        looked.keySet().forEach(gone -> accepted.remove(id, gone));
        accepted.add(id, left, note.strip(), user.get().name(), clock.now());
        statements.keep(run, people);
        store.check(id, clock.now(), user.get().name());
        store.addEvent(id, new RunEvent(clock.now(), user.get().name(), RunEvent.What.CHECKED, note.strip()));
        audit.record(Thing.PAY_RUN, id, "checked a run", null, run.period().toString());
    }

    /**
     * Accepts cautions with a note. A caution whose words change later stands there anew.
     *
     * @param cautions as they were told
     * @param note not blank
     * @throws Refusal if the run is closed or there is no note
     */
    @Transactional
    @May(Permission.RUN_PAYROLL)
    public void accept(long id, List<Caution> cautions, String note) {
        PayRun run = open(id);
        if (note.isBlank()) {
            throw Refusal.of("note", "Please say why this is right.");
        }
        accepted.add(id, cautions, note.strip(), user.get().name(), clock.now());
        audit.record(
                Thing.PAY_RUN,
                id,
                "accepted " + Words.count(cautions.size(), "caution"),
                null,
                run.period() + ": " + note.strip());
    }

    /**
     * Takes an acceptance back; a run that was checked with it gathers again.
     *
     * @throws Refusal if the run is closed
     */
    @Transactional
    @May(Permission.RUN_PAYROLL)
    public void takeBack(long id, Caution caution) {
        PayRun run = open(id);
        accepted.remove(id, Told.of(caution));
        reopening.reopen(run, "The caution about " + caution.person() + " is looked at again.");
        audit.record(Thing.PAY_RUN, id, "took an acceptance back", caution.person() + ": " + caution.words(), null);
    }

    private PayRun open(long id) {
        PayRun run = store.find(id).orElseThrow(() -> Refusal.notFound("pay run"));
        if (run.isClosed()) {
            throw Refusal.conflict("This run is closed; what was checked is frozen.");
        }
        return run;
    }
}
