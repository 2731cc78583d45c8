package upahead.server.payruns;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.calendar.PayCalendar;
import upahead.server.employment.Person;
import upahead.server.organisation.Organisation;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;

/**
 * What payroll gets with a close. It is stored with it and never changes; what is changed later in a closed period comes
 * as a difference with the next close.
 */
@Service
public class HandOver {

    private static final Comparator<HandedOver> IN_THE_FILE = Comparator.comparing(HandedOver::personCode)
            .thenComparing(HandedOver::sort)
            .thenComparing(line -> line.about().first())
            .thenComparing(HandedOver::payrollCode)
            .thenComparing(HandedOver::what);

    private final PayRunStore runs;
    private final HandedOverStore store;
    private final HandOverLines lines;
    private final RunPostings postings;
    private final HandOverDifferences differences;
    private final Organisation organisation;
    private final PeopleOfRun people;

    HandOver(
            PayRunStore runs,
            HandedOverStore store,
            HandOverLines lines,
            RunPostings postings,
            HandOverDifferences differences,
            Organisation organisation,
            PeopleOfRun people) {
        this.runs = runs;
        this.store = store;
        this.lines = lines;
        this.postings = postings;
        this.differences = differences;
        this.organisation = organisation;
        this.people = people;
    }

    /** Takes the postings of a run person by person and works out what payroll gets. */
    final class Gathering {

        private final PayRun run;
        private final Map<Long, Person> group;
        private final PayCalendar calendar;
        private final List<HandedOver> gathered = new ArrayList<>();

        private Gathering(PayRun run) {
            this.run = run;
            this.calendar = organisation.payGroup(run.payGroupId()).calendar();
            this.group = people.of(run).stream().collect(Collectors.toMap(Person::id, Function.identity()));
        }

        void take(PersonPostings person) {
            gathered.addAll(person.worked());
            person.accounts().forEach(account -> gathered.addAll(HandOverLines.leave(account, run, calendar)));
        }

        /** What was gathered, with the differences that earlier closes have left. */
        private List<HandedOver> all() {
            gathered.addAll(differences.about(run, group));
            gathered.sort(IN_THE_FILE);
            return gathered;
        }

        /** Stores all of it as that of a close. */
        void store(int closing) {
            store.add(run.id(), closing, false, all());
        }
    }

    /** Begins to work out what payroll gets with the close of a run. */
    Gathering gather(PayRun run) {
        return new Gathering(run);
    }

    /** Takes back what payroll got with the newest close of a run, line by line. */
    void reverse(PayRun run) {
        store.add(
                run.id(),
                run.closings(),
                true,
                store.of(run.id(), run.closings(), false).stream()
                        .map(PayrollLine::line)
                        .map(line -> line.withAmount(line.amount().negated(), line.sort()))
                        .toList());
    }

    /** Stores what payroll got of runs that were closed before it was kept. */
    @Transactional
    public void keepEarlier() {
        for (PayRun run : runs.closed()) {
            if (!store.exists(run.id(), run.closings())) {
                Gathering gathering = gather(run);
                postings.each(
                        run,
                        person -> person.withWorked(lines.worked(List.of(person.person()), run.period())),
                        gathering::take);
                gathering.store(run.closings());
            }
        }
    }

    /**
     * What payroll got with a close.
     *
     * @param closing which close of the run, null for the newest
     * @param reversal whether what was taken back of it is meant
     * @throws Refusal if there is no such close
     */
    @Transactional(readOnly = true)
    @May(Permission.RUN_PAYROLL)
    public HandOverFigures of(long runId, Integer closing, boolean reversal) {
        PayRun run = runs.find(runId).orElseThrow(() -> Refusal.notFound("pay run"));
        if (closing == null && !run.isClosed()) {
            throw Refusal.conflict("Payroll gets its file when the run is closed.");
        }
        int which = closing == null ? run.closings() : closing;
        boolean wasUndone = which < run.closings() || !run.isClosed();
        if (which < 1 || which > run.closings() || (reversal && !wasUndone)) {
            throw Refusal.notFound("file");
        }
        return figures(run, which, reversal, store.of(runId, which, reversal));
    }

    /**
     * What payroll would get if a run were closed now; its lines have no ids yet.
     *
     * @throws Refusal if there is no such run or it is closed
     */
    @May(Permission.RUN_PAYROLL)
    public HandOverFigures ahead(long runId) {
        PayRun run = runs.find(runId).orElseThrow(() -> Refusal.notFound("pay run"));
        if (run.isClosed()) {
            throw Refusal.conflict("This run is closed; what payroll got is in its file.");
        }
        Gathering gathering = gather(run);
        postings.each(run, Function.identity(), gathering::take);
        return figures(
                run,
                run.closing(),
                false,
                gathering.all().stream().map(line -> new PayrollLine(0, line)).toList());
    }

    /**
     * @throws Refusal if there is no such run
     */
    @Transactional(readOnly = true)
    public PayRun run(long runId) {
        return runs.find(runId).orElseThrow(() -> Refusal.notFound("pay run"));
    }

    /** Single lines that payroll got, by their ids. */
    @Transactional(readOnly = true)
    @May(Permission.RUN_PAYROLL)
    public Map<Long, HandedOver> lines(Collection<Long> ids) {
        return store.byId(ids);
    }

    /** The lines of the newest close of a run, or what was taken back of them; both in the same order. */
    @Transactional(readOnly = true)
    public List<PayrollLine> delivered(PayRun run, boolean reversal) {
        return store.of(run.id(), run.closings(), reversal);
    }

    private HandOverFigures figures(PayRun run, int closing, boolean reversal, List<PayrollLine> lines) {
        return new HandOverFigures(run, organisation.payGroup(run.payGroupId()).name(), closing, reversal, lines);
    }
}
