package upahead.server.people;

import java.util.Collection;
import java.util.List;
import java.util.Set;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.calendar.PayCalendar;
import upahead.server.audit.Audit;
import upahead.server.problems.Refusal;

/** Sites, teams and pay groups. */
@Service
public class Organisation {

    private final OrganisationStore store;
    private final Audit audit;

    Organisation(OrganisationStore store, Audit audit) {
        this.store = store;
        this.audit = audit;
    }

    @Transactional
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public long addSite(String name) {
        long id = store.addSite(name);
        audit.record("site", id, "added a site", null, name);
        return id;
    }

    @Transactional
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public long addTeam(String name) {
        long id = store.addTeam(name);
        audit.record("team", id, "added a team", null, name);
        return id;
    }

    @Transactional
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public long addPayGroup(String name, PayCalendar calendar) {
        long id = store.addPayGroup(name, calendar);
        audit.record("pay group", id, "added a pay group", null, name);
        return id;
    }

    @Transactional(readOnly = true)
    public List<Named> sites() {
        return store.sites();
    }

    @Transactional(readOnly = true)
    public List<Named> teams() {
        return store.teams();
    }

    @Transactional(readOnly = true)
    public List<PayGroup> payGroups() {
        return store.payGroups();
    }

    /** The pay groups that some people are in. */
    @Transactional(readOnly = true)
    public List<PayGroup> payGroupsOf(Collection<Long> people) {
        Set<Long> theirs = store.payGroupIdsOf(people);
        return store.payGroups().stream()
                .filter(group -> theirs.contains(group.id()))
                .toList();
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
}
