package upahead.server.periods;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.periods.LateChange.Subject;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.clock.MovableClock;

/** Notes which facts were changed after a close, so that each correction of the next one can say what caused it. */
@Service
public class LateChanges {

    private static final int LONGEST = 300;

    private final LateChangeStore store;
    private final ClosedPeriods periods;
    private final PayGroupsOfPeople payGroups;
    private final MovableClock clock;
    private final CurrentUser user;

    LateChanges(
            LateChangeStore store,
            ClosedPeriods periods,
            PayGroupsOfPeople payGroups,
            MovableClock clock,
            CurrentUser user) {
        this.store = store;
        this.periods = periods;
        this.payGroups = payGroups;
        this.clock = clock;
        this.user = user;
    }

    /**
     * Notes a change, if a closed run is concerned.
     *
     * @param personId null where it concerns everybody
     * @param policyId null where it can concern every policy
     * @param affectsFrom the first date about which a correction can be
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public void note(
            Long personId, Long policyId, LocalDate affectsFrom, String what, Subject subject, long subjectId) {
        if (isLate(personId, affectsFrom)) {
            String sentence = what.length() > LONGEST ? what.substring(0, LONGEST) : what;
            store.add(new LateChange(
                    0, clock.now(), user.get().name(), personId, policyId, affectsFrom, sentence, subject, subjectId));
        }
    }

    /**
     * Notes a change of many people, for each whom a closed run concerns.
     *
     * @param affectsFrom the first date about which a correction can be, by the people's ids
     * @param what one plain sentence without its full stop, for each of them
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public void noteAll(Map<Long, LocalDate> affectsFrom, Function<LocalDate, String> what) {
        periods.closedThrough()
                .ifPresent(closed -> affectsFrom.forEach((person, from) -> {
                    if (!from.isAfter(closed)) {
                        note(person, null, from, what.apply(from), Subject.PERSON, person);
                    }
                }));
    }

    /** Whether a change from a date on concerns a closed run of a person's pay group, or of any where none is given. */
    @Transactional(readOnly = true)
    public boolean isLate(Long personId, LocalDate affectsFrom) {
        return (personId == null ? periods.closedThrough() : periods.closedThrough(payGroups.payGroupsOf(personId)))
                .filter(closed -> !affectsFrom.isAfter(closed))
                .isPresent();
    }

    /** The same for many people and days. */
    @Transactional(readOnly = true)
    public Lateness lateness() {
        return new Lateness(
                periods.closedThrough(), personId -> periods.closedThrough(payGroups.payGroupsOf(personId)));
    }

    /** The last day of the newest closed run of a pay group, if any is closed. */
    @Transactional(readOnly = true)
    public Optional<LocalDate> closedThroughIn(long payGroupId) {
        return periods.closedThrough(List.of(payGroupId));
    }

    /** The first day that is not closed of each pay group that has a run, by the groups' ids. */
    @Transactional(readOnly = true)
    public Map<Long, LocalDate> openSince() {
        return periods.openSince();
    }

    /** Changes after the newest one that an earlier close has seen; that one's id, or 0 for all. */
    @Transactional(readOnly = true)
    public Causes since(long seen) {
        return new Causes(store.since(seen));
    }

    /** The id of the newest change, 0 where there is none. */
    @Transactional(readOnly = true)
    public long newest() {
        return store.newest();
    }

    /** All changes that were noted, by their ids. */
    @Transactional(readOnly = true)
    public Map<Long, LateChange> get(Collection<Long> ids) {
        return store.get(ids).stream().collect(Collectors.toMap(LateChange::id, change -> change));
    }

    /** Forgets what was noted about somebody who was entered by mistake. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void forget(long personId) {
        store.removeOf(personId);
    }
}
