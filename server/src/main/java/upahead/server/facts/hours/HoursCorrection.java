package upahead.server.facts.hours;

import java.time.LocalDate;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.calendar.DateSpan;
import upahead.core.quantity.Amount;
import upahead.server.employment.People;
import upahead.server.employment.Person;
import upahead.server.facts.hours.HolidayHours.PaidHoliday;
import upahead.server.organisation.HoursKinds;
import upahead.server.periods.LateChange.Subject;
import upahead.server.periods.LateChanges;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.audit.Audit;
import upahead.server.platform.audit.Thing;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.platform.words.Words;

/** Looking at and changing one person's recorded hours, also after their period was closed. */
@Service
public class HoursCorrection {

    private static final Amount DAY = Amount.of(24);

    private final HoursStore store;
    private final HolidayHours holidayHours;
    private final People people;
    private final LateChanges changes;
    private final Audit audit;
    private final CurrentUser user;
    private final MovableClock clock;

    HoursCorrection(
            HoursStore store,
            HolidayHours holidayHours,
            People people,
            LateChanges changes,
            Audit audit,
            CurrentUser user,
            MovableClock clock) {
        this.store = store;
        this.holidayHours = holidayHours;
        this.people = people;
        this.changes = changes;
        this.audit = audit;
        this.user = user;
        this.clock = clock;
    }

    /** One person's hours within some days, in order of time. */
    @Transactional(readOnly = true)
    @May(Permission.RUN_PAYROLL)
    public List<RecordedDay> of(long personId, DateSpan days) {
        people.get(personId);
        return store.of(personId, days);
    }

    /** One person's paid holidays within some days, in order of time. */
    @Transactional(readOnly = true)
    @May(Permission.RUN_PAYROLL)
    public List<PaidHoliday> holidays(long personId, DateSpan days) {
        return holidayHours.of(List.of(people.get(personId)), days).getOrDefault(personId, List.of());
    }

    /**
     * Changes the hours of one kind on one date.
     *
     * @param seen what they were when they were looked at
     * @param hours what they are to be, 0 to 24
     * @param reason why; needed for a day of a closed period, else it may be null
     * @throws Refusal if they cannot be, a reason is needed, or somebody else changed them meanwhile
     */
    @Transactional
    @May(Permission.RUN_PAYROLL)
    public List<RecordedDay> change(
            long personId, LocalDate on, String kind, Amount seen, Amount hours, String reason) {
        Person person = people.get(personId);
        if (!HoursKinds.names().contains(kind)) {
            throw Refusal.of("kind", "The kind must be one of " + String.join(", ", HoursKinds.names()) + ".");
        }
        if (hours.isNegative() || hours.isMoreThan(DAY)) {
            throw Refusal.of("hours", "The hours of a day are between 0 and 24.");
        }
        if (on.isAfter(clock.today())) {
            throw Refusal.of("on", "Hours are recorded up to today.");
        }
        if (!person.isEmployedWithin(on, on)) {
            throw Refusal.of("on", person.name() + " is not employed on " + Words.day(on) + ".");
        }
        Amount before = store.hours(personId, on, kind);
        if (!before.equals(seen)) {
            throw Refusal.conflict(
                    "Somebody else changed these hours meanwhile to " + before + ". Yours were not stored.");
        }
        Amount others = Amount.sum(store.of(personId, new DateSpan(on, on)).stream()
                .filter(other -> !other.kind().equals(kind))
                .map(RecordedDay::hours)
                .toList());
        if (others.plus(hours).isMoreThan(DAY)) {
            throw Refusal.of("hours", "With the other hours of that day this is more than 24.");
        }
        if (!before.equals(hours)) {
            boolean explained = reason != null && !reason.isBlank();
            if (!explained && changes.isLate(personId, on)) {
                throw Refusal.of("reason", Words.day(on) + " is in a closed period. Please say why its hours change.");
            }
            store.put(
                    List.of(new HoursRow(personId, on, kind, hours)), user.get().name());
            String what = kind + " hours of " + Words.day(on) + " changed from " + before + " to " + hours + " by "
                    + user.get().name() + (explained ? ": " + reason.strip() : "");
            changes.note(personId, null, on, capitalised(what), Subject.HOURS, personId);
            audit.record(
                    Thing.PERSON,
                    personId,
                    "changed hours of " + Words.fullDay(on),
                    kind + " " + before,
                    kind + " " + hours + (explained ? ", " + reason.strip() : ""));
        }
        return store.of(personId, new DateSpan(on, on));
    }

    private static String capitalised(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }
}
