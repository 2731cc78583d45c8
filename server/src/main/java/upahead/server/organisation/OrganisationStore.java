package upahead.server.organisation;

import static upahead.server.database.Tables.PAY_GROUP;
import static upahead.server.database.Tables.SITE;
import static upahead.server.database.Tables.TEAM;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import upahead.core.calendar.PayCalendar;
import upahead.core.calendar.PayDay;
import upahead.server.platform.audit.Thing;
import upahead.server.platform.audit.ThingNames;
import upahead.server.platform.sql.NamesById;

/** Sites, teams and pay groups. */
@Repository
class OrganisationStore implements ThingNames {

    private final DSLContext sql;

    OrganisationStore(DSLContext sql) {
        this.sql = sql;
    }

    long addSite(String name) {
        return sql.insertInto(SITE)
                .set(SITE.NAME, name)
                .returningResult(SITE.ID)
                .fetchOne(SITE.ID);
    }

    long addTeam(String name) {
        return sql.insertInto(TEAM)
                .set(TEAM.NAME, name)
                .returningResult(TEAM.ID)
                .fetchOne(TEAM.ID);
    }

    long addPayGroup(String name, PayCalendar calendar, PayDay payDay) {
        return sql.insertInto(PAY_GROUP)
                .set(PAY_GROUP.NAME, name)
                .set(PAY_GROUP.FREQUENCY, calendar.every().name())
                .set(PAY_GROUP.ANCHOR, calendar.anchor())
                .set(PAY_GROUP.PAID_AFTER, payDay.daysAfter())
                .returningResult(PAY_GROUP.ID)
                .fetchOne(PAY_GROUP.ID);
    }

    void setPayDay(long id, PayDay payDay) {
        sql.update(PAY_GROUP)
                .set(PAY_GROUP.PAID_AFTER, payDay.daysAfter())
                .where(PAY_GROUP.ID.eq(id))
                .execute();
    }

    void renameSite(long id, String name) {
        sql.update(SITE).set(SITE.NAME, name).where(SITE.ID.eq(id)).execute();
    }

    void renameTeam(long id, String name) {
        sql.update(TEAM).set(TEAM.NAME, name).where(TEAM.ID.eq(id)).execute();
    }

    void removeSite(long id) {
        sql.deleteFrom(SITE).where(SITE.ID.eq(id)).execute();
    }

    void removeTeam(long id) {
        sql.deleteFrom(TEAM).where(TEAM.ID.eq(id)).execute();
    }

    void removePayGroup(long id) {
        sql.deleteFrom(PAY_GROUP).where(PAY_GROUP.ID.eq(id)).execute();
    }

    List<Named> sites() {
        return sql.selectFrom(SITE).orderBy(SITE.NAME).fetch(row -> new Named(row.getId(), row.getName()));
    }

    /** The time zones of the sites by their ids; of some nothing was said. */
    Map<Long, Optional<String>> zones() {
        return sql.selectFrom(SITE).fetchMap(SITE.ID, row -> Optional.ofNullable(row.getTimeZone()));
    }

    void setZone(long siteId, String zone) {
        sql.update(SITE).set(SITE.TIME_ZONE, zone).where(SITE.ID.eq(siteId)).execute();
    }

    List<Named> teams() {
        return sql.selectFrom(TEAM).orderBy(TEAM.NAME).fetch(row -> new Named(row.getId(), row.getName()));
    }

    List<PayGroup> payGroups() {
        return sql.selectFrom(PAY_GROUP)
                .orderBy(PAY_GROUP.ID)
                .fetch(row -> new PayGroup(
                        row.getId(),
                        row.getName(),
                        new PayCalendar(PayCalendar.Every.valueOf(row.getFrequency()), row.getAnchor()),
                        new PayDay(row.getPaidAfter())));
    }

    @Override
    public Set<Thing> things() {
        return Set.of(Thing.SITE, Thing.TEAM, Thing.PAY_GROUP);
    }

    @Override
    public Map<Long, String> names(Thing thing, Collection<Long> ids) {
        return switch (thing) {
            case SITE -> NamesById.of(sql, SITE.ID, SITE.NAME, ids);
            case TEAM -> NamesById.of(sql, TEAM.ID, TEAM.NAME, ids);
            default -> NamesById.of(sql, PAY_GROUP.ID, PAY_GROUP.NAME, ids);
        };
    }
}
