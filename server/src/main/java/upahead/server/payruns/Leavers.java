package upahead.server.payruns;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.employment.Person;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.platform.words.Words;

/** Closes the accounts of whoever leaves before the run of the group: what is left is paid out or lapses at once. */
@Service
public class Leavers {

    private final PayRunStore store;
    private final PeopleOfRun people;
    private final RunChecking checking;
    private final RunClosing closing;
    private final MovableClock clock;

    Leavers(PayRunStore store, PeopleOfRun people, RunChecking checking, RunClosing closing, MovableClock clock) {
        this.store = store;
        this.people = people;
        this.checking = checking;
        this.closing = closing;
        this.clock = clock;
    }

    /** Whoever leaves within the period of a run of the whole group, by name. */
    @Transactional(readOnly = true)
    @May(Permission.RUN_PAYROLL)
    public List<Leaver> of(long runId) {
        PayRun run = run(runId);
        if (run.isOffCycle()) {
            return List.of();
        }
        Map<Long, PayRun> own = store.ofLeavers(run.payGroupId()).stream()
                .filter(each -> each.firstDay().equals(run.firstDay()) && each.closings() > 0)
                .collect(Collectors.toMap(PayRun::offCycleOf, Function.identity()));
        return people.of(run).stream()
                .filter(person -> person.lastDay() != null && run.period().contains(person.lastDay()))
                .map(person -> new Leaver(person.id(), person.name(), person.lastDay(), own.get(person.id())))
                .toList();
    }

    /** The runs of leavers in a group, the newest first. */
    @Transactional(readOnly = true)
    @May(Permission.RUN_PAYROLL)
    public List<PayRun> runs(long payGroupId) {
        return store.ofLeavers(payGroupId);
    }

    /**
     * Closes the accounts of a leaver: everything up to the last day is posted and handed over. What is changed later
     * about these days comes as a correction with the run of the group.
     *
     * @param note to what is unusual; may be blank where nothing is
     * @throws Refusal if the run is closed, the person does not leave in its period or has days of work left, something
     *     stops the close, or it was closed already
     */
    @Transactional
    @May(Permission.RUN_PAYROLL)
    public PayRun close(long runId, long personId, String note) {
        PayRun group = run(runId);
        if (group.isClosed() || group.isOffCycle()) {
            throw Refusal.conflict("This run is closed; what is left of a leaver was settled with it.");
        }
        Person person = people.of(group).stream()
                .filter(each -> each.id() == personId)
                .findFirst()
                .orElseThrow(() -> Refusal.notFound("person in this run"));
        LocalDate lastDay = person.lastDay();
        if (lastDay == null || !group.period().contains(lastDay)) {
            throw Refusal.conflict(person.name() + " does not leave in this period. Set the last day first.");
        }
        if (clock.today().isBefore(lastDay)) {
            throw Refusal.conflict(person.name() + " works until " + Words.day(lastDay) + "; close it on that day.");
        }
        long id = store.ofLeavers(group.payGroupId()).stream()
                .filter(run -> run.firstDay().equals(group.firstDay()) && run.offCycleOf() == personId)
                .map(PayRun::id)
                .findFirst()
                .orElseGet(() -> store.addOfLeaver(group, personId));
        checking.check(id, note);
        return closing.close(id);
    }

    private PayRun run(long runId) {
        return store.find(runId).orElseThrow(() -> Refusal.notFound("pay run"));
    }
}
