package upahead.server.reports.schedule;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionTemplate;
import upahead.server.employment.People;
import upahead.server.employment.Person;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.access.SignIns;
import upahead.server.platform.access.SignedIn;
import upahead.server.platform.daily.OnceADay;
import upahead.server.platform.files.SpooledFile;
import upahead.server.platform.mail.Attachment;
import upahead.server.platform.mail.Mailbox;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.Permission;
import upahead.server.reports.ReportFiles;
import upahead.server.reports.Reports;
import upahead.server.reports.schedule.ScheduledReport.Stored;

/**
 * Sends the reports that are due, each in the right of whoever set it up and only to those who may still read reports;
 * what was not sent is noted where they are set up.
 */
@Component
class SendingReports implements OnceADay {

    private static final int LARGEST = 8 * 1024 * 1024;
    private static final String PLACE = "/reports";

    private final ScheduledReportStore store;
    private final Reports reports;
    private final ReportFiles files;
    private final SignIns signIns;
    private final People people;
    private final Mailbox mailbox;
    private final CurrentUser user;
    private final TransactionTemplate reading;

    SendingReports(
            ScheduledReportStore store,
            Reports reports,
            ReportFiles files,
            SignIns signIns,
            People people,
            Mailbox mailbox,
            CurrentUser user,
            PlatformTransactionManager transactions) {
        this.store = store;
        this.reports = reports;
        this.files = files;
        this.signIns = signIns;
        this.people = people;
        this.mailbox = mailbox;
        this.user = user;
        // a transaction of its own, so that a report that is refused spoils no other
        this.reading = new TransactionTemplate(transactions);
        this.reading.setReadOnly(true);
        this.reading.setPropagationBehavior(TransactionDefinition.PROPAGATION_REQUIRES_NEW);
    }

    @Override
    public String name() {
        return "reports by mail";
    }

    @Override
    public void doFor(LocalDate day) {
        store.all().stream()
                .filter(each -> each.isDue(day))
                .forEach(each -> store.sent(each.id(), day, send(each, day)));
    }

    /** Tells what went wrong, nothing where nothing did. */
    private String send(Stored scheduled, LocalDate day) {
        Optional<SignedIn> owner =
                signIns.active(scheduled.ownerId()).filter(each -> each.may(Permission.READ_REPORTS));
        if (owner.isEmpty()) {
            return "Not sent: whoever set it up may not read reports any more.";
        }
        Attachment file;
        Set<Long> may;
        try {
            may = signIns.peopleWho(user.actAs(
                    owner.get(), () -> reports.needs(scheduled.report().report())));
            file = user.actAs(owner.get(), () -> reading.execute(status -> file(scheduled, day)));
        } catch (Refusal refused) {
            return "Not sent: " + refused.getMessage();
        }
        return deliver(scheduled, file, day, may);
    }

    private Attachment file(Stored scheduled, LocalDate day) {
        ScheduledReport report = scheduled.report();
        SpooledFile file = files.file(report.report(), report.question(day), report.format());
        return new Attachment(file.name(), file.type().toString(), file.read());
    }

    private String deliver(Stored scheduled, Attachment file, LocalDate day, Set<Long> may) {
        boolean tooLarge = file.content().length > LARGEST;
        String body = tooLarge
                ? "The file is too large for a mail; here it can be taken."
                : "The file is attached. It was set up by " + scheduled.owner() + ".";
        String place = PLACE + "/" + scheduled.report().report();
        List<String> problems = new ArrayList<>();
        for (Person person : people.get(scheduled.report().recipients())) {
            if (!person.isEmployedWithin(day, day)) {
                problems.add("Not sent to " + person.name() + ", who has left.");
            } else if (!may.contains(person.id())) {
                problems.add("Not sent to " + person.name() + ", who may not read it any more.");
            } else if (person.email() == null) {
                problems.add("Not sent to " + person.name() + ", who has no address any more.");
            } else {
                mailbox.send(
                        person.id(), person.email(), scheduled.report().name(), body, place, tooLarge ? null : file);
            }
        }
        return String.join(" ", problems);
    }
}
