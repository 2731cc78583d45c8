package upahead.server.payruns;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Supplier;
import org.springframework.boot.test.context.TestComponent;
import upahead.core.calendar.PayCalendar;
import upahead.core.calendar.PayDay;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;
import upahead.server.Somebody;
import upahead.server.employment.EmploymentType;
import upahead.server.employment.Hiring;
import upahead.server.employment.NewPerson;
import upahead.server.enrolment.PuttingInForce;
import upahead.server.facts.hours.HoursImport;
import upahead.server.organisation.Organisation;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.clock.MovableClock;
import upahead.server.policies.Coverage;
import upahead.server.policies.NewPolicy;
import upahead.server.policies.PolicyDetail;
import upahead.server.policies.PolicyKind;
import upahead.server.policies.PolicyTexts;
import upahead.server.policies.RequestRules;
import upahead.server.policies.TermsWriter;
import upahead.written.WrittenTerms;

/** A company of one, paid by the week, who earns 1 hour for every 10 worked; each has names of its own. */
@TestComponent
class SmallCompany {

    static final LocalDate MONDAY = LocalDate.of(2027, 3, 1);

    private static final Amount EIGHT = Amount.of(8);
    private static final PayCalendar WEEKLY = new PayCalendar(PayCalendar.Every.WEEK, MONDAY);
    private static final AtomicInteger COMPANIES = new AtomicInteger();

    private final PayRuns runs;
    private final RunClosing closing;
    private final RunChecking checking;
    private final HoursImport hours;
    private final Organisation organisation;
    private final Hiring hiring;
    private final PuttingInForce inForce;
    private final PolicyTexts texts;
    private final CurrentUser user;
    private final MovableClock clock;

    private String code;
    private long groupId;
    private long personId;

    SmallCompany(
            PayRuns runs,
            RunClosing closing,
            RunChecking checking,
            HoursImport hours,
            Organisation organisation,
            Hiring hiring,
            PuttingInForce inForce,
            PolicyTexts texts,
            CurrentUser user,
            MovableClock clock) {
        this.runs = runs;
        this.closing = closing;
        this.checking = checking;
        this.hours = hours;
        this.organisation = organisation;
        this.hiring = hiring;
        this.inForce = inForce;
        this.texts = texts;
        this.user = user;
        this.clock = clock;
    }

    String code() {
        return code;
    }

    long groupId() {
        return groupId;
    }

    long personId() {
        return personId;
    }

    void found() {
        code = "P" + COMPANIES.incrementAndGet();
        clock.moveTo(MONDAY.plusWeeks(1));
        act(() -> {
            groupId = organisation.addPayGroup("Weekly " + code, WEEKLY, PayDay.STANDARD);
            long site = organisation.addSite("Site " + code);
            long team = organisation.addTeam("Team " + code);
            Amount none = Amount.ZERO;
            List<Amount> week = List.of(EIGHT, none, none, none, none, none, none);
            personId = hiring.add(new NewPerson(
                    code,
                    "Only One",
                    null,
                    site,
                    team,
                    EmploymentType.HOURLY,
                    groupId,
                    null,
                    MONDAY,
                    null,
                    MONDAY,
                    week,
                    Amount.ONE));
            PolicyDetail policy = texts.write(new NewPolicy(
                    "Leave " + code,
                    PolicyKind.VACATION,
                    Unit.HOURS,
                    true,
                    "LV",
                    "01-01",
                    new RequestRules(false, false, 0, false),
                    oneForTen()));
            inForce.putInForce(
                    policy.id(), policy.versions().get(0).id(), 0, MONDAY, Coverage.people(List.of(personId)), "test");
            runs.begin(groupId, MONDAY);
            return null;
        });
    }

    void takeSecondWeek() {
        act(() -> hours.take(
                ("person,date,kind,hours\n" + code + "," + MONDAY.plusWeeks(1) + ",regular,8\n")
                        .getBytes(StandardCharsets.UTF_8),
                "second.csv",
                groupId,
                WEEKLY.periodOf(MONDAY.plusWeeks(1)),
                Set.of()));
    }

    void work(String... kindsAndHours) {
        take(file(kindsAndHours), Set.of());
    }

    byte[] file(String... kindsAndHours) {
        StringBuilder file = new StringBuilder("person,date,kind,hours\n");
        for (String each : kindsAndHours) {
            String[] parts = each.split(",");
            Amount left = Amount.of(parts[1]);
            for (LocalDate day = MONDAY; left.isPositive(); day = day.plusDays(1)) {
                Amount part = left.min(Amount.of(10));
                file.append(String.join(",", code, day.toString(), parts[0], part.toString()))
                        .append('\n');
                left = left.minus(part);
            }
        }
        return file.toString().getBytes(StandardCharsets.UTF_8);
    }

    void take(byte[] file, Set<Long> skip) {
        act(() -> hours.take(file, "test.csv", groupId, WEEKLY.periodOf(MONDAY), skip));
    }

    PayRun newest() {
        return runs().get(0);
    }

    /** Newest first. */
    List<PayRun> runs() {
        return act(() -> runs.ofGroup(groupId));
    }

    /** Checks a run, unless it is closed, and closes it. */
    Worksheet close(PayRun run) {
        check(run);
        return act(() -> runs.worksheet(closing.close(run.id()).id()));
    }

    void check(PayRun run) {
        act(() -> {
            if (!runs.worksheet(run.id()).run().isClosed()) {
                checking.check(run.id(), "as it should be");
            }
            return null;
        });
    }

    List<WorksheetRow> rows(PayRun run) {
        return act(() -> runs.rows(run.id(), WorksheetQuery.everything()));
    }

    private static WrittenTerms oneForTen() {
        return TermsWriter.perHours("1", "10").write();
    }

    <T> T act(Supplier<T> work) {
        return user.actAs(Somebody.ADMINISTRATOR, work);
    }
}
