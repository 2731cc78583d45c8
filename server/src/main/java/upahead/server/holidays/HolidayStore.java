package upahead.server.holidays;

import static upahead.server.database.Tables.HOLIDAY;
import static upahead.server.database.Tables.PROTECTED_DATE;
import static upahead.server.organisation.OrganisationJoined.TEAM_NAME;
import static upahead.server.organisation.OrganisationJoined.teamsIfAny;

import java.time.LocalDate;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import upahead.core.calendar.HolidayCalendar;
import upahead.core.calendar.HolidayCalendar.Holiday;
import upahead.server.platform.audit.Thing;
import upahead.server.platform.audit.ThingNames;
import upahead.server.platform.sql.NamesById;

/** Holidays by site, and protected dates. */
@Repository
class HolidayStore implements ThingNames {

    private final DSLContext sql;

    HolidayStore(DSLContext sql) {
        this.sql = sql;
    }

    void add(long siteId, LocalDate on, Holiday holiday) {
        sql.insertInto(HOLIDAY)
                .set(HOLIDAY.SITE_ID, siteId)
                .set(HOLIDAY.ON_DATE, on)
                .set(HOLIDAY.NAME, holiday.name())
                .set(HOLIDAY.HALF, holiday.half())
                .execute();
    }

    void remove(long siteId, LocalDate on) {
        sql.deleteFrom(HOLIDAY)
                .where(HOLIDAY.SITE_ID.eq(siteId))
                .and(HOLIDAY.ON_DATE.eq(on))
                .execute();
    }

    void unprotect(long id) {
        sql.deleteFrom(PROTECTED_DATE).where(PROTECTED_DATE.ID.eq(id)).execute();
    }

    List<HolidayView> all() {
        return sql.selectFrom(HOLIDAY)
                .orderBy(HOLIDAY.ON_DATE, HOLIDAY.SITE_ID)
                .fetch(row -> new HolidayView(row.getSiteId(), row.getOnDate(), row.getName(), row.getHalf()));
    }

    Map<Long, HolidayCalendar> calendars() {
        Map<Long, Map<LocalDate, Holiday>> bySite = new HashMap<>();
        all().forEach(holiday -> bySite.computeIfAbsent(holiday.siteId(), site -> new TreeMap<>())
                .put(holiday.on(), new Holiday(holiday.name(), holiday.half())));
        return bySite.entrySet().stream()
                .collect(Collectors.toMap(Map.Entry::getKey, entry -> new HolidayCalendar(entry.getValue())));
    }

    long protect(LocalDate starts, LocalDate ends, String reason, Long teamId) {
        return sql.insertInto(PROTECTED_DATE)
                .set(PROTECTED_DATE.STARTS, starts)
                .set(PROTECTED_DATE.ENDS, ends)
                .set(PROTECTED_DATE.REASON, reason)
                .set(PROTECTED_DATE.TEAM_ID, teamId)
                .returningResult(PROTECTED_DATE.ID)
                .fetchOne(PROTECTED_DATE.ID);
    }

    List<ProtectedDate> protectedDates() {
        return teamsIfAny(sql.select(PROTECTED_DATE.asterisk(), TEAM_NAME).from(PROTECTED_DATE), PROTECTED_DATE.TEAM_ID)
                .orderBy(PROTECTED_DATE.STARTS)
                .fetch(row -> new ProtectedDate(
                        row.get(PROTECTED_DATE.ID),
                        row.get(PROTECTED_DATE.STARTS),
                        row.get(PROTECTED_DATE.ENDS),
                        row.get(PROTECTED_DATE.REASON),
                        row.get(PROTECTED_DATE.TEAM_ID),
                        row.get(TEAM_NAME)));
    }

    @Override
    public Set<Thing> things() {
        return Set.of(Thing.PROTECTED_DATE);
    }

    @Override
    public Map<Long, String> names(Thing thing, Collection<Long> ids) {
        return NamesById.of(sql, PROTECTED_DATE.ID, PROTECTED_DATE.REASON, ids);
    }
}
