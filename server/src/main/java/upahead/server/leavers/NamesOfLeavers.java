package upahead.server.leavers;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.employment.People;
import upahead.server.employment.Person;
import upahead.server.employment.PersonChanges;
import upahead.server.periods.LateChanges;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.access.SignIns;
import upahead.server.platform.audit.Audit;
import upahead.server.platform.audit.Thing;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.platform.words.Words;

/** Those who left: how long their names stay, and how they go. */
@Service
public class NamesOfLeavers {

    static final int FEWEST_MONTHS = 6;
    static final int MOST_MONTHS = 360;

    private static final int SHOWN = 200;

    /** Each name is looked for in every table, so a night does some, and the next one goes on. */
    private static final int MOST_A_DAY = 25;

    private final KeptNamesStore store;
    private final People people;
    private final PersonChanges changes;
    private final LateChanges late;
    private final SignIns signIns;
    private final NamesOfPeople names;
    private final NameRemoval removal;
    private final Audit audit;
    private final CurrentUser user;
    private final MovableClock clock;

    NamesOfLeavers(
            KeptNamesStore store,
            People people,
            PersonChanges changes,
            LateChanges late,
            SignIns signIns,
            NamesOfPeople names,
            NameRemoval removal,
            Audit audit,
            CurrentUser user,
            MovableClock clock) {
        this.store = store;
        this.people = people;
        this.changes = changes;
        this.late = late;
        this.signIns = signIns;
        this.names = names;
        this.removal = removal;
        this.audit = audit;
        this.user = user;
        this.clock = clock;
    }

    /** The rule, and those whose names it concerns next. */
    @Transactional(readOnly = true)
    @May(Permission.KEEP_THE_COMPANY)
    public NamesOfLeaversView all() {
        return new NamesOfLeaversView(
                store.months().orElse(null),
                people.gone(clock.today(), SHOWN).stream().map(described()).toList(),
                people.countNameless());
    }

    /**
     * Sets how long names stay.
     *
     * @param months after the last day, 6 to 360; null for ever
     * @throws Refusal if it is another number
     */
    @Transactional
    @May(Permission.KEEP_THE_COMPANY)
    public NamesOfLeaversView setRule(Integer months) {
        if (months != null && (months < FEWEST_MONTHS || months > MOST_MONTHS)) {
            throw Refusal.of("months", "Please give " + FEWEST_MONTHS + " to " + MOST_MONTHS + " months.");
        }
        Integer before = store.months().orElse(null);
        store.setMonths(months);
        audit.record(Thing.COMPANY, 1, "changed how many months names of leavers stay", before, months);
        return all();
    }

    /**
     * What becomes of one person's name; nothing for somebody who has not left, came back or has no name any more.
     */
    @Transactional(readOnly = true)
    @May(Permission.KEEP_THE_COMPANY)
    public Optional<NameOfLeaver> of(long personId) {
        Person person = people.get(personId);
        return isGone(person) ? Optional.of(described().apply(person)) : Optional.empty();
    }

    private boolean isGone(Person person) {
        return person.lastDay() != null
                && person.lastDay().isBefore(clock.today())
                && person.namelessSince() == null
                && people.later(person.id()).isEmpty();
    }

    /**
     * Keeps somebody's name whatever the rule says, as long as that is not taken back.
     *
     * @param reason not blank, at most 200 characters
     * @throws Refusal if they have not left, or have no name any more
     */
    @Transactional
    @May(Permission.KEEP_THE_COMPANY)
    public NameOfLeaver keep(long personId, String reason) {
        requireGone(personId);
        store.keep(personId, reason.strip(), user.get().name(), clock.now());
        audit.record(Thing.PERSON, personId, "keeps the name beyond the rule", null, reason.strip());
        return of(personId).orElseThrow();
    }

    /** Lets the rule hold for somebody again. */
    @Transactional
    @May(Permission.KEEP_THE_COMPANY)
    public NameOfLeaver release(long personId) {
        requireGone(personId);
        KeptName before = store.kept().get(personId);
        store.release(personId);
        audit.record(
                Thing.PERSON,
                personId,
                "lets the rule for names hold again",
                before == null ? null : before.reason(),
                null);
        return of(personId).orElseThrow();
    }

    /**
     * Removes somebody's name now; that cannot be taken back.
     *
     * @param code theirs, typed by whoever wants it
     * @throws Refusal if it is not theirs, they have not left, the name is kept, or something has to happen first
     */
    @Transactional
    @May(Permission.KEEP_THE_COMPANY)
    public void removeName(long personId, String code) {
        Person person = requireGone(personId);
        if (!person.code().equalsIgnoreCase(code.strip())) {
            throw Refusal.of("code", "That is not the code of " + person.name() + ".");
        }
        NameOfLeaver leaver = of(personId).orElseThrow();
        if (leaver.kept() != null) {
            throw Refusal.conflict("The name is kept: " + leaver.kept().reason() + ". Take that back first.");
        }
        if (leaver.waits() != null) {
            throw Refusal.conflict(leaver.waits());
        }
        remove(List.of(person), user.get().name());
    }

    private Person requireGone(long personId) {
        Person person = people.get(personId);
        person.requireName();
        if (!isGone(person)) {
            throw Refusal.conflict(person.name() + " has not left, or has come back.");
        }
        return person;
    }

    /** Removes the names that the rule lets go by a day, some at a time. */
    @Transactional(propagation = Propagation.MANDATORY)
    void removeDue(LocalDate day) {
        Optional<Integer> months = store.months();
        if (months.isPresent()) {
            Function<Person, NameOfLeaver> described = described();
            List<Person> due = people.gone(day.minusMonths(months.get()), Integer.MAX_VALUE).stream()
                    .filter(person -> described.apply(person).isDue(day))
                    .limit(MOST_A_DAY)
                    .toList();
            if (!due.isEmpty()) {
                remove(due, "Up Ahead");
            }
        }
    }

    private void remove(List<Person> gone, String actor) {
        Map<Long, Names> theirs = new LinkedHashMap<>();
        for (Person last : gone) {
            List<Person> employments = people.employmentsBefore(last);
            Set<Long> same = employments.stream().map(Person::id).collect(Collectors.toSet());
            for (Person each : employments) {
                theirs.put(each.id(), names.of(each, same));
                signIns.end(each.id());
                changes.setNameless(each.id(), clock.today());
            }
        }
        removal.remove(theirs);
        theirs.keySet()
                .forEach(personId -> audit.record(
                        actor, Thing.PERSON, personId, "removed the name of somebody who left", null, null));
    }

    /** What becomes of the names of leavers: what all of them share is asked once. */
    private Function<Person, NameOfLeaver> described() {
        Optional<Integer> months = store.months();
        Map<Long, KeptName> kept = store.kept();
        Optional<Long> onlyAdministrator = signIns.onlyAdministrator();
        Map<Long, Optional<LocalDate>> closedThrough = new HashMap<>();
        return person -> new NameOfLeaver(
                person.id(),
                person.code(),
                person.name(),
                person.lastDay(),
                months.map(person.lastDay()::plusMonths).orElse(null),
                kept.get(person.id()),
                onlyAdministrator.filter(only -> only == person.id()).isPresent()
                        ? "This is the only administrator; make somebody else one first."
                        : waits(person, closedThrough.computeIfAbsent(person.payGroupId(), late::closedThroughIn)));
    }

    /** A name is needed as long as payroll still works with it. */
    private static String waits(Person person, Optional<LocalDate> closedThrough) {
        return closedThrough
                        .filter(closed -> !closed.isBefore(person.lastDay()))
                        .isPresent()
                ? null
                : "The pay run of " + person.payGroup() + " with the last day, " + Words.fullDay(person.lastDay())
                        + ", is not closed yet.";
    }
}
