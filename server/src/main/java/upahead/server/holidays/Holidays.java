package upahead.server.holidays;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.calendar.HolidayCalendar;
import upahead.core.quantity.Amount;
import upahead.server.periods.LateChange.Subject;
import upahead.server.periods.LateChanges;
import upahead.server.platform.audit.Audit;
import upahead.server.platform.audit.Thing;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.platform.words.Words;

/** The holiday calendar of each site, and the days without leave. */
@Service
public class Holidays {

    private static final Amount DAY = Amount.of(24);

    private final HolidayStore store;
    private final LateChanges changes;
    private final Audit audit;

    Holidays(HolidayStore store, LateChanges changes, Audit audit) {
        this.store = store;
        this.changes = changes;
        this.audit = audit;
    }

    /**
     * Adds a holiday of a site.
     *
     * @throws Refusal if there is one on that day already
     */
    @Transactional
    @May(Permission.KEEP_HOLIDAYS)
    public void add(long siteId, LocalDate on, HolidayCalendar.Holiday holiday) {
        calendars().getOrDefault(siteId, HolidayCalendar.NONE).on(on).ifPresent(there -> {
            throw Refusal.of("on", there.name() + " is on " + Words.fullDay(on) + " already.");
        });
        store.add(siteId, on, holiday);
        changes.note(
                null, null, on, "Holiday of " + Words.day(on) + " added: " + holiday.name(), Subject.HOLIDAY, siteId);
        audit.record(Thing.SITE, siteId, "added the holiday of " + Words.fullDay(on), null, holiday);
    }

    /**
     * Changes a holiday of a site, perhaps to another day.
     *
     * @throws Refusal if there is none on the first day, or another one on the second
     */
    @Transactional
    @May(Permission.KEEP_HOLIDAYS)
    public void change(long siteId, LocalDate day, LocalDate on, HolidayCalendar.Holiday holiday) {
        remove(siteId, day);
        add(siteId, on, holiday);
    }

    /**
     * Takes a holiday of a site away.
     *
     * @throws Refusal if there is none on that day
     */
    @Transactional
    @May(Permission.KEEP_HOLIDAYS)
    public void remove(long siteId, LocalDate on) {
        HolidayCalendar.Holiday before = calendars()
                .getOrDefault(siteId, HolidayCalendar.NONE)
                .on(on)
                .orElseThrow(() -> Refusal.notFound("holiday"));
        store.remove(siteId, on);
        changes.note(
                null,
                null,
                on,
                "Holiday of " + Words.fullDay(on) + " taken away: " + before.name(),
                Subject.HOLIDAY,
                siteId);
        audit.record(Thing.SITE, siteId, "took away the holiday of " + Words.fullDay(on), before, null);
    }

    /**
     * @param hours of a day, null for none given
     * @throws Refusal if they are not above 0 and at most 24
     */
    public static void requireHours(Amount hours) {
        if (hours != null && (!hours.isPositive() || hours.isMoreThan(DAY))) {
            throw Refusal.of("hours", "A day has more than 0 and at most 24 hours.");
        }
    }

    /** Lets leave be booked again on protected dates. */
    @Transactional
    @May(Permission.KEEP_HOLIDAYS)
    public void unprotect(long id) {
        ProtectedDate before = store.protectedDates().stream()
                .filter(dates -> dates.id() == id)
                .findFirst()
                .orElseThrow(() -> Refusal.notFound("protected date"));
        store.unprotect(id);
        audit.record(Thing.PROTECTED_DATE, id, "took protected dates away", before, null);
    }

    /**
     * Sets days without leave for a team, or for everybody where that is null.
     *
     * @throws Refusal if they end before they start
     */
    @Transactional
    @May(Permission.KEEP_HOLIDAYS)
    public void protect(LocalDate starts, LocalDate ends, String reason, Long teamId) {
        if (ends.isBefore(starts)) {
            throw Refusal.of("ends", "The last protected day is before the first.");
        }
        long id = store.protect(starts, ends, reason, teamId);
        audit.record(Thing.PROTECTED_DATE, id, "protected dates", null, starts + " to " + ends + ": " + reason);
    }

    @Transactional(readOnly = true)
    public List<HolidayView> all() {
        return store.all();
    }

    /** The calendars by site; a site without holidays has none. */
    @Transactional(readOnly = true)
    public Map<Long, HolidayCalendar> calendars() {
        return store.calendars();
    }

    @Transactional(readOnly = true)
    public List<ProtectedDate> protectedDates() {
        return store.protectedDates();
    }

    /** What protects a day for a team, if anything does. */
    @Transactional(readOnly = true)
    public Optional<ProtectedDate> protecting(LocalDate day, long teamId) {
        return store.protectedDates().stream()
                .filter(dates -> dates.holdsFor(day, teamId))
                .findFirst();
    }
}
