package upahead.bench;

import static upahead.server.database.Tables.CARD_DAY;
import static upahead.server.database.Tables.CARD_STRETCH;
import static upahead.server.database.Tables.LEAVE_DAY;
import static upahead.server.database.Tables.LEAVE_REQUEST;
import static upahead.server.database.Tables.OPENING_BALANCE;
import static upahead.server.database.Tables.WORK_ENTRY;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.jooq.DSLContext;
import org.jooq.TableRecord;
import org.springframework.context.ConfigurableApplicationContext;
import upahead.core.calendar.PayCalendar;
import upahead.core.calendar.PayDay;
import upahead.core.earning.PerPeriod;
import upahead.core.earning.Upfront;
import upahead.core.policy.Leftover;
import upahead.core.policy.Limit;
import upahead.core.policy.Wait;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;
import upahead.server.employment.EmploymentType;
import upahead.server.employment.Hiring;
import upahead.server.employment.NewPerson;
import upahead.server.enrolment.PuttingInForce;
import upahead.server.organisation.Organisation;
import upahead.server.payruns.PayRuns;
import upahead.server.platform.clock.MovableClock;
import upahead.server.policies.Coverage;
import upahead.server.policies.NewPolicy;
import upahead.server.policies.PolicyDetail;
import upahead.server.policies.PolicyKind;
import upahead.server.policies.PolicyTexts;
import upahead.server.policies.PolicyVersion;
import upahead.server.policies.RequestRules;
import upahead.server.policies.TermsWriter;
import upahead.written.WrittenTerms;

/** A made-up company that left its spreadsheets at the turn of the year: opening balances, then hours and leave. */
final class Company {

    private static final LocalDate START = LocalDate.of(2027, 1, 1);
    private static final LocalDate FIRST_MONDAY = LocalDate.of(2027, 1, 4);
    private static final int BATCH = 5_000;
    private static final int DAYS_OF_A_PERIOD = 14;

    private final DSLContext sql;
    private final Organisation organisation;
    private final PolicyTexts texts;
    private final PuttingInForce inForce;
    private final PayRuns runs;
    private final Hiring hiring;
    private final MovableClock clock;
    private final int people;

    Company(ConfigurableApplicationContext program, int people) {
        this.sql = program.getBean(DSLContext.class);
        this.organisation = program.getBean(Organisation.class);
        this.texts = program.getBean(PolicyTexts.class);
        this.inForce = program.getBean(PuttingInForce.class);
        this.runs = program.getBean(PayRuns.class);
        this.clock = program.getBean(MovableClock.class);
        this.hiring = program.getBean(Hiring.class);
        this.people = people;
    }

    /** Sets everything up with the hours and leave of some periods, and begins the first run; the pay group's id. */
    long setUp(int periods) {
        clock.moveTo(START);
        long group = organisation.addPayGroup(
                "Everybody", new PayCalendar(PayCalendar.Every.FORTNIGHT, FIRST_MONDAY), PayDay.STANDARD);
        addPeople(organisation.addSite("Here"), organisation.addTeam("All"), group);
        List<Long> ids = new ArrayList<>();
        ids.add(inForce("Leave by hours", byHours()));
        ids.add(inForce("Leave by pay period", byPayPeriod()));
        ids.add(inForce("Sick time", byMonth()));
        ids.add(inForce("Yearly days", upfront()));
        ids.add(inForce("Extra hours", TermsWriter.perHours("1", "60").write()));
        addOpenings(ids);
        addHours(periods);
        addTimes(periods - 1);
        addLeave(periods, ids.get(1));
        runs.begin(group, FIRST_MONDAY);
        return group;
    }

    private static WrittenTerms byHours() {
        return TermsWriter.perHours("1", "23")
                .tenure(4, "1.3")
                .waitToUse(45, Wait.In.DAYS)
                .limit(Limit.BALANCE, "74")
                .carry("37", Leftover.LAPSE)
                .write();
    }

    private static WrittenTerms byPayPeriod() {
        return TermsWriter.perYear("91", PerPeriod.Every.PAY_PERIOD, PerPeriod.Posts.END, PerPeriod.Months.CALENDAR)
                .scaledByFte()
                .limit(Limit.EARNED_PER_YEAR, "95")
                .carry("40", Leftover.PAY_OUT)
                .carriedUntil("03-31")
                .write();
    }

    private static WrittenTerms byMonth() {
        return TermsWriter.perYear("54", PerPeriod.Every.MONTH, PerPeriod.Posts.START, PerPeriod.Months.CALENDAR)
                .limit(Limit.BALANCE, "81")
                .limit(Limit.USED_PER_YEAR, "63")
                .write();
    }

    private static WrittenTerms upfront() {
        return TermsWriter.upfront("23", Upfront.FirstYear.BY_DAYS)
                .tenure(5, "26")
                .limit(Limit.OVERDRAW, "2")
                .write();
    }

    private long inForce(String name, WrittenTerms terms) {
        PolicyDetail draft = texts.write(new NewPolicy(
                name,
                PolicyKind.VACATION,
                Unit.HOURS,
                true,
                "X",
                "01-01",
                new RequestRules(false, false, 0, false),
                terms));
        PolicyVersion version = draft.versions().get(0);
        inForce.putInForce(draft.id(), version.id(), version.edits(), START, Coverage.everybody(), "");
        return draft.id();
    }

    private void addPeople(long site, long team, long group) {
        List<Amount> week = Stream.of(8, 8, 8, 8, 6, 0, 0).map(Amount::of).toList();
        List<NewPerson> added = new ArrayList<>();
        for (long id = 1; id <= people; id++) {
            LocalDate hired = START.minusDays(30 + id * 37 % 3_000);
            added.add(new NewPerson(
                    "P" + id,
                    "Person " + id * 7_919 % 100_003,
                    null,
                    site,
                    team,
                    EmploymentType.HOURLY,
                    group,
                    null,
                    hired,
                    null,
                    hired,
                    week,
                    Amount.of(id % 4 == 0 ? "0.8" : "1")));
        }
        hiring.addAll(added, Map.of());
    }

    private void addOpenings(List<Long> policyIds) {
        try (Rows rows = new Rows()) {
            for (long id = 1; id <= people; id++) {
                for (long policyId : policyIds) {
                    var opening = sql.newRecord(OPENING_BALANCE);
                    opening.setPersonId(id);
                    opening.setPolicyId(policyId);
                    opening.setOnDate(START);
                    opening.setBalance(BigDecimal.valueOf(5 + (id * policyId) % 30));
                    opening.setEarnedThisYear(BigDecimal.ZERO);
                    opening.setUsedThisYear(BigDecimal.ZERO);
                    rows.add(opening);
                }
            }
        }
    }

    private void addHours(int periods) {
        try (Rows rows = new Rows()) {
            for (long id = 1; id <= people; id++) {
                for (int day = 0; day < periods * DAYS_OF_A_PERIOD; day++) {
                    if (day % 7 < 5 && !isOnLeave(id, day)) {
                        var entry = sql.newRecord(WORK_ENTRY);
                        entry.setPersonId(id);
                        entry.setOnDate(FIRST_MONDAY.plusDays(day));
                        entry.setKind("regular");
                        entry.setHours(hours(id, day));
                        entry.setSource("bench");
                        rows.add(entry);
                    }
                }
            }
        }
    }

    private static BigDecimal hours(long id, int day) {
        return new BigDecimal(day % 7 == 4 ? "6" : (id + day) % 5 == 0 ? "7.25" : "8");
    }

    /** The times of a period, as a clock terminal would have heard them. */
    private void addTimes(int period) {
        try (Rows days = new Rows();
                Rows stretches = new Rows()) {
            for (long id = 1; id <= people; id++) {
                for (int at = 0; at < DAYS_OF_A_PERIOD; at++) {
                    int day = period * DAYS_OF_A_PERIOD + at;
                    if (day % 7 < 5 && !isOnLeave(id, day)) {
                        LocalDate on = FIRST_MONDAY.plusDays(day);
                        var card = sql.newRecord(CARD_DAY);
                        card.setPersonId(id);
                        card.setOnDate(on);
                        card.setSource("bench");
                        card.setByHand(false);
                        card.setChangedBy("bench");
                        card.setChangedAt(on.atTime(18, 0));
                        days.add(card);
                        var stretch = sql.newRecord(CARD_STRETCH);
                        stretch.setPersonId(id);
                        stretch.setOnDate(on);
                        stretch.setPlace(0);
                        stretch.setWhat("WORK");
                        stretch.setKind("regular");
                        stretch.setBeginsAt(on.atTime(8, 0));
                        long minutes = hours(id, day).movePointRight(2).longValue() * 6 / 10;
                        stretch.setEndsAt(on.atTime(8, 0).plusMinutes(minutes));
                        stretches.add(stretch);
                    }
                }
            }
            days.flush();
        }
    }

    /** Every other period has one day of leave. */
    private static boolean isOnLeave(long id, int day) {
        return day / DAYS_OF_A_PERIOD % 2 == 0 && day % DAYS_OF_A_PERIOD == id % 4;
    }

    private void addLeave(int periods, long policyId) {
        List<TableRecord<?>> days = new ArrayList<>();
        try (Rows requests = new Rows()) {
            long requestId = 1;
            for (long id = 1; id <= people; id++) {
                for (int period = 0; period < periods; period += 2) {
                    var request = sql.newRecord(LEAVE_REQUEST);
                    request.setId(requestId);
                    request.setPersonId(id);
                    request.setPolicyId(policyId);
                    request.setState("APPROVED");
                    request.setNote("");
                    request.setSentAt(START.atStartOfDay());
                    request.setEdits(1);
                    requests.add(request);
                    var day = sql.newRecord(LEAVE_DAY);
                    day.setRequestId(requestId++);
                    day.setOnDate(FIRST_MONDAY.plusDays((long) period * DAYS_OF_A_PERIOD + id % 4));
                    day.setAsked("WHOLE");
                    day.setHours(BigDecimal.valueOf(8));
                    day.setAmount(BigDecimal.valueOf(8));
                    day.setBecause("SCHEDULED");
                    day.setDecision("APPROVED");
                    days.add(day);
                }
            }
        }
        try (Rows rows = new Rows()) {
            days.forEach(rows::add);
        }
        // requests sent later are numbered after those written here
        sql.execute("alter table leave_request alter column id restart with " + (days.size() + 1));
    }

    /** Rows that are inserted by the thousand. */
    private final class Rows implements AutoCloseable {

        private final List<TableRecord<?>> rows = new ArrayList<>();

        void add(TableRecord<?> row) {
            rows.add(row);
            if (rows.size() >= BATCH) {
                flush();
            }
        }

        void flush() {
            sql.batchInsert(rows).execute();
            rows.clear();
        }

        @Override
        public void close() {
            flush();
        }
    }
}
