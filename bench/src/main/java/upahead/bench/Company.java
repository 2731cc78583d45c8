package upahead.bench;

import static upahead.server.database.Tables.CARD_DAY;
import static upahead.server.database.Tables.CARD_STRETCH;
import static upahead.server.database.Tables.LEAVE_DAY;
import static upahead.server.database.Tables.LEAVE_REQUEST;
import static upahead.server.database.Tables.OPENING_BALANCE;
import static upahead.server.database.Tables.PAY_RATE;
import static upahead.server.database.Tables.WORK_ENTRY;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jooq.DSLContext;
import org.jooq.TableRecord;
import org.springframework.context.ConfigurableApplicationContext;
import upahead.core.calendar.PayCalendar;
import upahead.core.calendar.PayDay;
import upahead.core.quantity.Amount;
import upahead.core.value.PayRate;
import upahead.server.employment.EmploymentType;
import upahead.server.employment.Hiring;
import upahead.server.employment.NewPerson;
import upahead.server.organisation.Organisation;
import upahead.server.payruns.PayRuns;
import upahead.server.platform.clock.MovableClock;

/** A made-up company that left its spreadsheets at the turn of the year: opening balances, then hours and leave. */
final class Company {

    private static final LocalDate START = LocalDate.of(2027, 1, 1);
    private static final LocalDate FIRST_MONDAY = LocalDate.of(2027, 1, 4);
    private static final int DAYS_OF_A_PERIOD = 14;
    private static final int PEOPLE_OF_A_TEAM = 40;
    private static final int SITES = 12;

    private final ConfigurableApplicationContext program;
    private final DSLContext sql;
    private final Organisation organisation;
    private final PayRuns runs;
    private final Hiring hiring;
    private final MovableClock clock;
    private final int people;

    Company(ConfigurableApplicationContext program, int people) {
        this.program = program;
        this.sql = program.getBean(DSLContext.class);
        this.organisation = program.getBean(Organisation.class);
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
        addPeople(group);
        addRates();
        List<Long> ids = new CompanyPolicies(program).inForce(START);
        addOpenings(ids);
        addHours(periods);
        addTimes(periods - 1);
        addLeave(periods, ids.get(1));
        runs.begin(group, FIRST_MONDAY);
        return group;
    }

    private void addPeople(long group) {
        List<Long> sites = IntStream.rangeClosed(1, SITES)
                .mapToObj(number -> organisation.addSite("Site " + number))
                .toList();
        List<Long> teams = IntStream.rangeClosed(0, people / PEOPLE_OF_A_TEAM)
                .mapToObj(number -> organisation.addTeam("Team " + (number + 1)))
                .toList();
        List<Amount> week = Stream.of(8, 8, 8, 8, 6, 0, 0).map(Amount::of).toList();
        List<NewPerson> added = new ArrayList<>();
        for (long id = 1; id <= people; id++) {
            LocalDate hired = START.minusDays(30 + id * 37 % 3_000);
            added.add(new NewPerson(
                    "P" + id,
                    "Person " + id * 7_919 % 100_003,
                    null,
                    sites.get((int) (id % SITES)),
                    teams.get((int) (id / PEOPLE_OF_A_TEAM)),
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

    private void addRates() {
        try (Rows rows = new Rows(sql)) {
            for (long id = 1; id <= people; id++) {
                var rate = sql.newRecord(PAY_RATE);
                rate.setPersonId(id);
                rate.setStarts(START.minusYears(1));
                rate.setAmount(BigDecimal.valueOf(1_500 + id * 37 % 4_000, 2));
                rate.setPer(PayRate.Per.HOUR.name());
                rows.add(rate);
            }
        }
    }

    private void addOpenings(List<Long> policyIds) {
        try (Rows rows = new Rows(sql)) {
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
        try (Rows rows = new Rows(sql)) {
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
        try (Rows days = new Rows(sql);
                Rows stretches = new Rows(sql)) {
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
        try (Rows requests = new Rows(sql)) {
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
        try (Rows rows = new Rows(sql)) {
            days.forEach(rows::add);
        }
        // requests sent later are numbered after those written here
        sql.execute("alter table leave_request alter column id restart with " + (days.size() + 1));
    }
}
