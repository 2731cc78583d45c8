package upahead.server.organisation;

import java.time.ZoneId;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.calendar.PayCalendar;
import upahead.core.calendar.PayDay;
import upahead.server.platform.audit.Audit;
import upahead.server.platform.audit.Thing;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.platform.words.Words;

/** Sites, teams and pay groups. */
@Service
public class Organisation {

    private final OrganisationStore store;
    private final Audit audit;
    private final MovableClock clock;
    private final List<PayDayFollower> followers;

    Organisation(OrganisationStore store, Audit audit, MovableClock clock, List<PayDayFollower> followers) {
        this.store = store;
        this.audit = audit;
        this.clock = clock;
        this.followers = followers;
    }

    @Transactional
    @May(Permission.KEEP_PEOPLE)
    public long addSite(String name) {
        requireName(name, store.sites());
        long id = store.addSite(name);
        audit.record(Thing.SITE, id, "added a site", null, name);
        return id;
    }

    @Transactional
    @May(Permission.KEEP_PEOPLE)
    public long addTeam(String name) {
        requireName(name, store.teams());
        long id = store.addTeam(name);
        audit.record(Thing.TEAM, id, "added a team", null, name);
        return id;
    }

    @Transactional
    @May(Permission.KEEP_PEOPLE)
    public long addPayGroup(String name, PayCalendar calendar, PayDay payDay) {
        requireName(
                name,
                store.payGroups().stream()
                        .map(group -> new Named(group.id(), group.name()))
                        .toList());
        long id = store.addPayGroup(name, calendar, payDay);
        audit.record(Thing.PAY_GROUP, id, "added a pay group", null, name);
        return id;
    }

    /**
     * Has a pay group paid on another day; runs that are open follow.
     *
     * @throws Refusal if there is no such pay group
     */
    @Transactional
    @May(Permission.KEEP_PEOPLE)
    public void setPayDay(long id, PayDay payDay) {
        PayDay before = payGroup(id).payDay();
        store.setPayDay(id, payDay);
        PayGroup now = payGroup(id);
        followers.forEach(each -> each.payDayChanged(now));
        audit.record(Thing.PAY_GROUP, id, "changed the pay day", inWords(before), inWords(payDay));
    }

    /**
     * @throws Refusal if there is no such site or its new name is taken
     */
    @Transactional
    @May(Permission.KEEP_PEOPLE)
    public Named renameSite(long id, String name) {
        Named before = named(id, store.sites(), "site");
        requireName(name, others(id, store.sites()));
        store.renameSite(id, name);
        audit.record(Thing.SITE, id, "renamed a site", before.name(), name);
        return new Named(id, name);
    }

    /**
     * @throws Refusal if there is no such team or its new name is taken
     */
    @Transactional
    @May(Permission.KEEP_PEOPLE)
    public Named renameTeam(long id, String name) {
        Named before = named(id, store.teams(), "team");
        requireName(name, others(id, store.teams()));
        store.renameTeam(id, name);
        audit.record(Thing.TEAM, id, "renamed a team", before.name(), name);
        return new Named(id, name);
    }

    /** Removes a site; the database refuses while something hangs on it. */
    @Transactional
    @May(Permission.KEEP_PEOPLE)
    public void removeSite(long id) {
        Named before = named(id, store.sites(), "site");
        store.removeSite(id);
        audit.record(Thing.SITE, id, "removed a site", before.name(), null);
    }

    /** Removes a team; the database refuses while something hangs on it. */
    @Transactional
    @May(Permission.KEEP_PEOPLE)
    public void removeTeam(long id) {
        Named before = named(id, store.teams(), "team");
        store.removeTeam(id);
        audit.record(Thing.TEAM, id, "removed a team", before.name(), null);
    }

    /** Removes a pay group; the database refuses while something hangs on it. */
    @Transactional
    @May(Permission.KEEP_PEOPLE)
    public void removePayGroup(long id) {
        PayGroup before = payGroup(id);
        store.removePayGroup(id);
        audit.record(Thing.PAY_GROUP, id, "removed a pay group", before.name(), null);
    }

    private static String inWords(PayDay payDay) {
        return Words.count(payDay.daysAfter(), "day") + " after the period";
    }

    private static Named named(long id, List<Named> all, String what) {
        return all.stream().filter(each -> each.id() == id).findFirst().orElseThrow(() -> Refusal.notFound(what));
    }

    private static List<Named> others(long id, List<Named> all) {
        return all.stream().filter(each -> each.id() != id).toList();
    }

    private static void requireName(String name, List<Named> others) {
        if (name.isBlank()) {
            throw Refusal.of("name", "Please give a name.");
        }
        if (others.stream().anyMatch(other -> other.name().equalsIgnoreCase(name.strip()))) {
            throw Refusal.of("name", "There is one called " + name.strip() + " already.");
        }
    }

    @Transactional(readOnly = true)
    public List<Named> sites() {
        return store.sites();
    }

    /** By which clock each site works, by the sites' ids. */
    @Transactional(readOnly = true)
    public Map<Long, ZoneId> zones() {
        Map<Long, ZoneId> zones = new HashMap<>();
        store.zones()
                .forEach((site, zone) -> zones.put(site, zone.map(ZoneId::of).orElse(clock.getZone())));
        return zones;
    }

    /**
     * Says by which clock a site works.
     *
     * @param zone such as "Europe/London"
     * @throws Refusal if there is no such site or zone
     */
    @Transactional
    @May(Permission.KEEP_PEOPLE)
    public void setZone(long siteId, String zone) {
        named(siteId, store.sites(), "site");
        if (!ZoneId.getAvailableZoneIds().contains(zone)) {
            throw Refusal.of("timeZone", "There is no time zone called " + zone + "; one is Europe/London.");
        }
        String before = zones().get(siteId).getId();
        store.setZone(siteId, zone);
        audit.record(Thing.SITE, siteId, "set the time zone of a site", before, zone);
    }

    @Transactional(readOnly = true)
    public List<Named> teams() {
        return store.teams();
    }

    @Transactional(readOnly = true)
    public List<PayGroup> payGroups() {
        return store.payGroups();
    }

    /**
     * @throws Refusal if there is no such pay group
     */
    @Transactional(readOnly = true)
    public PayGroup payGroup(long id) {
        return store.payGroups().stream()
                .filter(group -> group.id() == id)
                .findFirst()
                .orElseThrow(() -> Refusal.notFound("pay group"));
    }

    /**
     * @throws Refusal if there is no such site
     */
    @Transactional(readOnly = true)
    public void requireSite(long id) {
        if (sites().stream().noneMatch(site -> site.id() == id)) {
            throw Refusal.of("siteId", "There is no such site.");
        }
    }
}
