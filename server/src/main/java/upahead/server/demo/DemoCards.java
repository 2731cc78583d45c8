package upahead.server.demo;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import upahead.core.calendar.DateSpan;
import upahead.core.calendar.HolidayCalendar;
import upahead.core.cards.BreakRule;
import upahead.core.cards.Overtime;
import upahead.core.cards.Overtime.Over;
import upahead.core.cards.Punch.Kind;
import upahead.core.cards.PunchRounding;
import upahead.core.hours.Work;
import upahead.core.hours.WorkingDays;
import upahead.core.people.Employment;
import upahead.core.quantity.Amount;
import upahead.server.accounts.Accounts;
import upahead.server.cards.SettingCardRules;
import upahead.server.cards.rules.CardRules;
import upahead.server.cards.terminals.AtTheTerminal;
import upahead.server.cards.terminals.HearingPunches;
import upahead.server.cards.terminals.HearingPunches.SaidPunch;
import upahead.server.cards.terminals.Terminals;
import upahead.server.employment.People;
import upahead.server.employment.Person;
import upahead.server.holidays.Holidays;
import upahead.server.organisation.Named;
import upahead.server.organisation.Organisation;
import upahead.server.platform.clock.MovableClock;

/**
 * The open fortnight of those who work in the glasshouses, said at the clock in their porch: with an end that was forgotten,
 * a break without one, a day on which nobody said anything, and a code that nobody has.
 */
@Component
class DemoCards {

    private static final String ZONE = "Europe/London";
    private static final DateSpan OPEN = DateSpan.of(LocalDate.of(2027, 4, 12), LocalDate.of(2027, 4, 25));
    private static final String TEAM = "Glasshouses";
    private static final LocalTime USUAL_IN = LocalTime.of(7, 30);
    private static final LocalTime NOON = LocalTime.of(12, 0);
    private static final Amount SHORT_DAY = Amount.of(5);
    private static final int BREAK = 30;

    private final Terminals terminals;
    private final AtTheTerminal atTheTerminal;
    private final HearingPunches hearing;
    private final SettingCardRules rules;
    private final Organisation organisation;
    private final People people;
    private final Holidays holidays;
    private final Accounts accounts;
    private final MovableClock clock;

    DemoCards(
            Terminals terminals,
            AtTheTerminal atTheTerminal,
            HearingPunches hearing,
            SettingCardRules rules,
            Organisation organisation,
            People people,
            Holidays holidays,
            Accounts accounts,
            MovableClock clock) {
        this.terminals = terminals;
        this.atTheTerminal = atTheTerminal;
        this.hearing = hearing;
        this.rules = rules;
        this.organisation = organisation;
        this.people = people;
        this.holidays = holidays;
        this.accounts = accounts;
        this.clock = clock;
    }

    /** Rules, a terminal, and what was said at it. */
    void setUp(Collection<Person> everybody) {
        organisation.sites().forEach(site -> organisation.setZone(site.id(), ZONE));
        organisation.payGroups().stream()
                .filter(group -> group.name().equals(DemoPeople.HOURLY))
                .forEach(group -> rules.set(hourly(group.id())));
        Named site = organisation.sites().get(0);
        String code = terminals.add("Glasshouse porch", site.id()).code();
        String token = atTheTerminal.pair(code, "demo").token();
        hearing.hear(token, clock.instant(), said(everybody));
    }

    private static CardRules hourly(long payGroupId) {
        return new CardRules(
                payGroupId,
                OPEN.first(),
                new PunchRounding(5),
                new BreakRule(Amount.of(6), BREAK),
                List.of(
                        new Overtime(Over.DAY, Amount.of("9.5"), "overtime"),
                        new Overtime(Over.WEEK, Amount.of(41), "overtime"),
                        new Overtime(Over.DAY_OFF, Amount.ZERO, "rest day")),
                true,
                false,
                false);
    }

    private List<SaidPunch> said(Collection<Person> everybody) {
        List<Person> team = everybody.stream()
                .filter(person -> person.team().equals(TEAM) && person.clockCode() != null)
                .toList();
        Map<Long, Employment> employments =
                people.employments(team.stream().map(Person::id).toList());
        Map<Long, HolidayCalendar> calendars = holidays.calendars();
        Map<Long, Map<LocalDate, Amount>> leave = accounts.approvedLeaveHours(team);
        List<SaidPunch> said = new ArrayList<>();
        for (Person person : team) {
            WorkingDays days = new WorkingDays(
                    employments.get(person.id()), calendars.getOrDefault(person.siteId(), HolidayCalendar.NONE));
            for (Work work : days.scheduledWork(OPEN, leave.getOrDefault(person.id(), Map.of()))) {
                said.addAll(day(person, work));
            }
        }
        said.add(punch("9041", LocalDate.of(2027, 4, 22), LocalTime.of(7, 34), Kind.IN));
        return said;
    }

    /** A day as it was scheduled, a few minutes off, but for those that went wrong. */
    private static List<SaidPunch> day(Person person, Work work) {
        LocalDate on = work.on();
        String who = person.code() + " " + on;
        if (who.equals("B141 2027-04-23")) {
            return List.of();
        }
        long early = (person.id() * 7 + on.toEpochDay() * 5) % 11 - 6;
        long late = (person.id() * 3 + on.toEpochDay() * 11) % 14 + (who.equals("B138 2027-04-21") ? 125 : 0);
        boolean rests = work.hours().isMoreThan(SHORT_DAY);
        LocalTime in = USUAL_IN.plusMinutes(early);
        LocalTime out = USUAL_IN.plusMinutes(
                        work.hours().times(Amount.of(60)).value().longValue())
                .plusMinutes((rests ? BREAK : 0) + late);
        List<SaidPunch> said = new ArrayList<>();
        said.add(punch(person.clockCode(), on, in, Kind.IN));
        if (rests) {
            said.add(punch(person.clockCode(), on, NOON, Kind.BREAK));
            if (!who.equals("B139 2027-04-20")) {
                said.add(punch(person.clockCode(), on, NOON.plusMinutes(BREAK), Kind.BREAK));
            }
        }
        if (!who.equals("B137 2027-04-15")) {
            said.add(punch(person.clockCode(), on, out, Kind.OUT));
        }
        return said;
    }

    private static SaidPunch punch(String code, LocalDate on, LocalTime at, Kind kind) {
        Instant moment = on.atTime(at).atZone(ZoneId.of(ZONE)).toInstant();
        return new SaidPunch("demo " + code + " " + moment, code, kind, moment);
    }
}
