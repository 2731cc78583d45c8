package upahead.bench;

import java.io.IOException;
import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.context.ConfigurableApplicationContext;
import upahead.core.quantity.Amount;
import upahead.server.platform.clock.MovableClock;
import upahead.server.requests.Asking;
import upahead.server.requests.Deciding;
import upahead.server.requests.RequestDetail;
import upahead.server.requests.Requests;
import upahead.server.requests.absences.AbsenceCalendar;
import upahead.server.requests.absences.AbsenceCalendar.Question;
import upahead.server.requests.leave.Decision;
import upahead.server.requests.leave.RequestDraft;
import upahead.server.requests.leave.RequestDraft.AskedDay;
import upahead.server.requests.leave.RequestDraft.Part;
import upahead.server.requests.leave.RequestQuery;
import upahead.server.requests.leave.RequestState;

/** A queue of many waiting requests, and a quarter of everybody's calendar. */
final class TimeOff {

    private static final LocalDate TODAY = LocalDate.of(2027, 2, 8);
    private static final LocalDate ASKED = LocalDate.of(2027, 3, 1);
    private static final int PERIODS = 2;
    private static final int DAYS = 40;
    private static final long LEAVE = 2;
    private static final int PAGE = 40;

    private TimeOff() {}

    static void measure(int people, int waiting) throws IOException {
        System.out.println("A queue of " + waiting + " waiting requests and a calendar of " + people
                + " people; milliseconds, median of five");
        FreshProgram.measure(program -> {
            new Company(program, people).setUp(PERIODS);
            program.getBean(MovableClock.class).moveTo(TODAY);
            ask(program, waiting);
            tell(program);
            return null;
        });
    }

    private static void ask(ConfigurableApplicationContext program, int waiting) {
        Asking asking = program.getBean(Asking.class);
        for (long person = 1; person <= waiting; person++) {
            LocalDate day = ASKED.plusDays(person % DAYS);
            List<AskedDay> days = day.datesUntil(day.plusDays(5))
                    .map(on -> new AskedDay(on, Part.HOURS, Amount.ONE))
                    .toList();
            asking.send(new RequestDraft(person, LEAVE, days, ""));
        }
    }

    private static void tell(ConfigurableApplicationContext program) {
        Requests requests = program.getBean(Requests.class);
        Deciding deciding = program.getBean(Deciding.class);
        AbsenceCalendar calendar = program.getBean(AbsenceCalendar.class);
        Set<RequestState> waiting = Set.of(RequestState.WAITING);
        RequestQuery narrowed =
                new RequestQuery(waiting, "person 7", 1L, LEAVE, ASKED, ASKED.plusDays(9), null, Set.of(), 0, PAGE);
        print("first page of the queue", Stopwatch.median(() -> requests.queue(RequestQuery.in(waiting, PAGE))));
        print("narrowed by everything", Stopwatch.median(() -> requests.queue(narrowed)));
        List<Long> ids = requests.queue(RequestQuery.in(waiting, PAGE)).items().stream()
                .map(each -> each.id())
                .toList();
        print("one opened", Stopwatch.median(() -> requests.open(ids.get(0))));
        List<Long> open = new ArrayList<>(ids);
        print("one decided", Stopwatch.median(() -> decide(requests, deciding, open.remove(0))));
        Question quarter = Question.of(TODAY, TODAY.plusWeeks(13).minusDays(1), null, null);
        print("a quarter of the calendar", Stopwatch.median(() -> calendar.look(quarter)));
    }

    private static RequestDetail decide(Requests requests, Deciding deciding, long id) {
        RequestDetail detail = requests.open(id);
        Map<LocalDate, Decision> days = new HashMap<>();
        detail.review().days().forEach(day -> days.put(day.on(), Decision.APPROVED));
        return deciding.decide(id, detail.request().edits(), days, "");
    }

    private static void print(String what, Duration taken) {
        System.out.printf("%30s %6d%n", what, taken.toMillis());
    }
}
