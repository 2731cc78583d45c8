package upahead.bench;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import org.springframework.context.ConfigurableApplicationContext;
import upahead.core.calendar.DateSpan;
import upahead.server.cards.Cards;
import upahead.server.cards.attendance.Attendance;
import upahead.server.cards.attendance.AttendanceQuery;
import upahead.server.cards.punches.PunchImport;
import upahead.server.organisation.Named;
import upahead.server.organisation.Organisation;
import upahead.server.payruns.PayRuns;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.files.FileColumns;

/** Punches of everybody for a fortnight, and what is asked of them: a card, attendance, what blocks the run. */
final class Hours {

    private static final LocalDate TODAY = LocalDate.of(2027, 2, 1);
    private static final DateSpan FORTNIGHT = DateSpan.of(LocalDate.of(2027, 1, 18), LocalDate.of(2027, 1, 31));
    private static final DateSpan DAY = DateSpan.of(LocalDate.of(2027, 1, 20), LocalDate.of(2027, 1, 20));
    private static final int PEOPLE_OF_A_FILE = 1_000;
    private static final int PERIODS = 1;

    private Hours() {}

    static void measure(List<Integer> sizes) throws IOException {
        System.out.println("Punches of a fortnight, four a day; milliseconds, of what is asked the median of five");
        for (int people : sizes) {
            FreshProgram.measure(program -> {
                new Company(program, people).setUp(PERIODS);
                program.getBean(MovableClock.class).moveTo(TODAY);
                tell(program, people);
                return null;
            });
        }
    }

    private static void tell(ConfigurableApplicationContext program, int people) {
        System.out.printf("%d people%n", people);
        PunchImport punches = program.getBean(PunchImport.class);
        print("brought in", Stopwatch.time(() -> {
            for (int from = 1; from <= people; from += PEOPLE_OF_A_FILE) {
                punches.take(
                        file(from, Math.min(people, from + PEOPLE_OF_A_FILE - 1)),
                        FileColumns.Reading.BY_ITSELF,
                        "bench.csv",
                        Set.of());
            }
            return null;
        }));
        Cards cards = program.getBean(Cards.class);
        Attendance attendance = program.getBean(Attendance.class);
        PayRuns runs = program.getBean(PayRuns.class);
        long run = runs.ofGroup(1).get(0).id();
        print("one card", Stopwatch.median(() -> cards.card(1, FORTNIGHT.first())));
        Organisation organisation = program.getBean(Organisation.class);
        for (DateSpan days : List.of(DAY, FORTNIGHT)) {
            String what = days.equals(DAY) ? "attendance of a day" : "of the fortnight";
            print(
                    what + ", after a change",
                    Stopwatch.median(() -> changeSomething(organisation), () -> attendance.of(query(days))));
            print(what + ", again", Stopwatch.median(() -> attendance.of(query(days))));
        }
        print("what blocks the run", Stopwatch.median(() -> runs.blockersLately(run)));
    }

    private static void changeSomething(Organisation organisation) {
        Named team = organisation.teams().get(0);
        organisation.renameTeam(team.id(), team.name() + "'");
    }

    private static AttendanceQuery query(DateSpan days) {
        return new AttendanceQuery(days, "", null, null, List.of(), false);
    }

    private static byte[] file(int from, int to) {
        StringBuilder file = new StringBuilder("person,date,in,out\n");
        for (int person = from; person <= to; person++) {
            String code = "P" + person;
            FORTNIGHT.dates().filter(day -> day.getDayOfWeek().getValue() <= 5).forEach(day -> file.append(code)
                    .append(',')
                    .append(day)
                    .append(",7:30,12:00\n")
                    .append(code)
                    .append(',')
                    .append(day)
                    .append(",12:30,16:00\n"));
        }
        return file.toString().getBytes(StandardCharsets.UTF_8);
    }

    private static void print(String what, Duration taken) {
        System.out.printf("%34s %6d%n", what, taken.toMillis());
    }
}
