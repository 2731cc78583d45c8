package upahead.server.reports.schedule;

import java.util.List;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.employment.People;
import upahead.server.employment.Person;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.access.SignIns;
import upahead.server.platform.audit.Audit;
import upahead.server.platform.audit.Thing;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.reports.Reports;
import upahead.server.reports.schedule.ScheduledReport.Stored;

/** Sets up and ends the sending of reports. */
@Service
public class ScheduledReports {

    private static final int MOST = 200;
    private static final long THE_COMPANY = 1;

    private final ScheduledReportStore store;
    private final Reports reports;
    private final SignIns signIns;
    private final People people;
    private final CurrentUser user;
    private final MovableClock clock;
    private final Audit audit;

    ScheduledReports(
            ScheduledReportStore store,
            Reports reports,
            SignIns signIns,
            People people,
            CurrentUser user,
            MovableClock clock,
            Audit audit) {
        this.store = store;
        this.reports = reports;
        this.signIns = signIns;
        this.people = people;
        this.user = user;
        this.clock = clock;
        this.audit = audit;
    }

    /** Somebody who can get reports. */
    public record Recipient(long personId, String name) {}

    /** By name. */
    @Transactional(readOnly = true)
    @May(Permission.READ_REPORTS)
    public List<Stored> all() {
        return store.all();
    }

    /** The people who may read reports and have an address. */
    @Transactional(readOnly = true)
    @May(Permission.READ_REPORTS)
    public List<Recipient> possible() {
        return people.get(signIns.peopleWho(Permission.READ_REPORTS)).stream()
                .filter(person -> person.email() != null)
                .map(person -> new Recipient(person.id(), person.name()))
                .toList();
    }

    /**
     * Sets one up; it is sent for the first time on the next day of its rhythm, today included.
     *
     * @throws Refusal if there is no such report or day, or somebody may not get it
     */
    @Transactional
    @May(Permission.READ_REPORTS)
    public List<Stored> add(ScheduledReport report) {
        String title = reports.title(report.report());
        if (!report.rhythm().has(report.onDay())) {
            throw Refusal.of("onDay", "Please choose a day from Monday to Sunday, or from the 1st to the 28th.");
        }
        Set<Long> may = signIns.peopleWho(reports.needs(report.report()));
        for (Person person : people.get(report.recipients())) {
            if (!may.contains(person.id())) {
                throw Refusal.of("recipients", person.name() + " may not read this report.");
            }
            if (person.email() == null) {
                throw Refusal.of("recipients", person.name() + " has no e-mail address.");
            }
        }
        if (store.all().size() >= MOST) {
            throw Refusal.of("name", MOST + " reports are sent already; please end one first.");
        }
        store.add(user.get().id(), report, clock.today());
        audit.record(Thing.COMPANY, THE_COMPANY, "set up the sending of " + title, null, report);
        return store.all();
    }

    /**
     * Ends the sending of one.
     *
     * @throws Refusal if there is no such one
     */
    @Transactional
    @May(Permission.READ_REPORTS)
    public List<Stored> remove(long id) {
        Stored before = store.all().stream()
                .filter(each -> each.id() == id)
                .findFirst()
                .orElseThrow(() -> Refusal.notFound("report"));
        store.remove(id);
        audit.record(
                Thing.COMPANY,
                THE_COMPANY,
                "ended the sending of " + before.report().name(),
                before.report(),
                null);
        return store.all();
    }
}
