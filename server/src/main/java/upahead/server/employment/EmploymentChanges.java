package upahead.server.employment;

import jakarta.annotation.Nullable;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Predicate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.calendar.DateSpan;
import upahead.core.quantity.Amount;
import upahead.server.employment.EmploymentHistory.FteFrom;
import upahead.server.employment.EmploymentHistory.Pause;
import upahead.server.employment.EmploymentHistory.ScheduleFrom;
import upahead.server.periods.LateChange.Subject;
import upahead.server.periods.LateChanges;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.audit.Audit;
import upahead.server.platform.audit.Thing;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.platform.words.Words;

/** Changes of full-time equivalents and schedules from a day on, and pauses. */
@Service
public class EmploymentChanges {

    private final EmploymentStore store;
    private final People people;
    private final LateChanges changes;
    private final Audit audit;
    private final CurrentUser user;

    EmploymentChanges(EmploymentStore store, People people, LateChanges changes, Audit audit, CurrentUser user) {
        this.store = store;
        this.people = people;
        this.changes = changes;
        this.audit = audit;
        this.user = user;
    }

    /**
     * Changes the full-time equivalent from a date on.
     *
     * @throws Refusal if it is below zero or above 2, or the date is before the hire date
     */
    @Transactional
    @May(Permission.KEEP_PEOPLE)
    public void changeFte(long personId, LocalDate from, Amount fte) {
        requireEmployed(personId, from);
        ScheduleRules.requireFte(fte);
        Amount before = people.employments(List.of(personId)).get(personId).fteOn(from);
        store.setFte(personId, from, fte);
        noteLate(personId, from, "FTE changed to " + fte);
        audit.record(Thing.PERSON, personId, "changed the FTE from " + Words.fullDay(from), before, fte);
    }

    /**
     * The newest full-time equivalent and schedule of somebody, as whoever changes them has seen them.
     *
     * @param week hours from Monday to Sunday, null where there is none
     * @param times of the weekdays for which they are said, null for none
     */
    public record Newest(
            @NotNull Amount fte, @Nullable List<@NotNull Amount> week, @Nullable List<@NotNull DayTimes> times) {
        public Newest {
            times = times == null ? List.of() : times;
        }
    }

    /**
     * Changes full-time equivalent and schedule from a date on, both or neither, if they are still as they were seen.
     *
     * @param fte null to leave it
     * @param week null to leave it
     * @param times of the days of that week, as far as they are said
     * @throws Refusal if somebody else changed them meanwhile, or as the changes themselves do
     */
    @Transactional
    @May(Permission.KEEP_PEOPLE)
    public void change(
            long personId, Newest seen, LocalDate from, Amount fte, List<Amount> week, List<DayTimes> times) {
        List<FteFrom> ftes = store.ftes(personId);
        List<ScheduleFrom> schedules = store.schedules(personId);
        ScheduleFrom latest = schedules.isEmpty() ? null : schedules.get(schedules.size() - 1);
        Newest newest = new Newest(
                ftes.isEmpty() ? Amount.ONE : ftes.get(ftes.size() - 1).fte(),
                latest == null ? null : latest.week(),
                latest == null ? List.of() : latest.times());
        if (!newest.equals(seen)) {
            throw Refusal.conflict("Somebody else changed the working time meanwhile. What you typed is still here; "
                    + "close and open it again to see theirs.");
        }
        if (fte != null) {
            changeFte(personId, from, fte);
        }
        if (week != null) {
            changeSchedule(personId, new ScheduleFrom(from, week, times));
        }
    }

    /**
     * Changes the weekly schedule from a date on.
     *
     * @throws Refusal if the week has not seven days or no hours, its times do not fit its hours, or the date is before
     *     the hire date
     */
    @Transactional
    @May(Permission.KEEP_PEOPLE)
    public void changeSchedule(long personId, ScheduleFrom schedule) {
        LocalDate from = schedule.from();
        requireEmployed(personId, from);
        ScheduleRules.requireWeek(schedule.week());
        ScheduleRules.requireTimes(schedule.week(), schedule.times());
        ScheduleFrom before = store.schedules(personId).stream()
                .filter(each -> !each.from().isAfter(from))
                .reduce((earlier, later) -> later)
                .orElse(null);
        store.setSchedule(personId, schedule);
        noteLate(personId, from, "Schedule changed");
        audit.record(Thing.PERSON, personId, "changed the schedule from " + Words.fullDay(from), before, schedule);
    }

    /**
     * Sets a pause in which nothing is earned by time and nothing is scheduled.
     *
     * @throws Refusal if it begins before the hire date or shares a day with another pause
     */
    @Transactional
    @May(Permission.KEEP_PEOPLE)
    public void pause(long personId, DateSpan days, String reason) {
        requireEmployed(personId, days.first());
        for (Pause other : store.pauses(personId)) {
            if (new DateSpan(other.from(), other.to()).intersection(days).isPresent()) {
                throw Refusal.of(
                        "from",
                        "There is a pause from " + Words.fullDay(other.from()) + " to " + Words.fullDay(other.to())
                                + " already.");
            }
        }
        store.addPause(personId, days, reason);
        noteLate(personId, days.first(), "Pause set (" + reason + ")");
        audit.record(Thing.PERSON, personId, "set a pause", null, days + ", " + reason);
    }

    /**
     * Takes back a change of the full-time equivalent or schedule, or a pause, that begins on a day.
     *
     * @throws Refusal if it is what holds from the hire date on, or nothing begins on that day
     */
    @Transactional
    @May(Permission.KEEP_PEOPLE)
    public void takeBack(long personId, Changing what, LocalDate from) {
        if (what != Changing.PAUSE && !from.isAfter(people.get(personId).hired())) {
            throw Refusal.of("from", "What holds from the hire date on can be changed, not taken back.");
        }
        Object before = beginning(personId, what, from).orElseThrow(() -> Refusal.notFound("change on that day"));
        switch (what) {
            case FTE -> store.removeFte(personId, from);
            case SCHEDULE -> store.removeSchedule(personId, from);
            case PAUSE -> store.removePause(personId, from);
        }
        String name = what == Changing.FTE ? "FTE" : what.name().toLowerCase(Locale.ROOT);
        noteLate(personId, from, "Change of " + name + " taken back");
        audit.record(Thing.PERSON, personId, "took back the " + name + " from " + Words.fullDay(from), before, null);
    }

    private Optional<?> beginning(long personId, Changing what, LocalDate from) {
        return switch (what) {
            case FTE -> first(store.ftes(personId), each -> each.from().equals(from));
            case SCHEDULE ->
                first(store.schedules(personId), each -> each.from().equals(from));
            case PAUSE -> first(store.pauses(personId), each -> each.from().equals(from));
        };
    }

    private static <T> Optional<T> first(List<T> all, Predicate<T> wanted) {
        return all.stream().filter(wanted).findFirst();
    }

    /** What of an employment changes on dates, besides where somebody works. */
    public enum Changing {
        FTE,
        SCHEDULE,
        PAUSE
    }

    /** What changed in the full-time equivalent, in order of time. */
    @Transactional(readOnly = true)
    public List<FteFrom> ftes(long personId) {
        return store.ftes(personId);
    }

    /** What changed in the weekly schedule, in order of time. */
    @Transactional(readOnly = true)
    public List<ScheduleFrom> schedules(long personId) {
        return store.schedules(personId);
    }

    /** The pauses, in order of time. */
    @Transactional(readOnly = true)
    public List<Pause> pauses(long personId) {
        return store.pauses(personId);
    }

    private void requireEmployed(long personId, LocalDate from) {
        if (from.isBefore(people.get(personId).hired())) {
            throw Refusal.of("from", "That is before the hire date.");
        }
    }

    private void noteLate(long personId, LocalDate from, String what) {
        String sentence =
                what + " from " + Words.fullDay(from) + " by " + user.get().name();
        changes.note(personId, null, from, sentence, Subject.PERSON, personId);
    }
}
