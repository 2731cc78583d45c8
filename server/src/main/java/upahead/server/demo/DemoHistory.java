package upahead.server.demo;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Component;
import upahead.core.calendar.DateSpan;
import upahead.server.cards.CardTyping;
import upahead.server.cards.CardTyping.TypedLine;
import upahead.server.demo.DemoLeave.Asked;
import upahead.server.demo.DemoLeave.Outcome;
import upahead.server.employment.Person;
import upahead.server.facts.hours.HoursImport;
import upahead.server.organisation.Organisation;
import upahead.server.organisation.PayGroup;
import upahead.server.payruns.PayRun;
import upahead.server.payruns.PayRuns;
import upahead.server.payruns.RunChecking;
import upahead.server.payruns.RunClosing;
import upahead.server.payruns.delivery.Courier;
import upahead.server.payruns.delivery.Deliveries;
import upahead.server.payruns.inbox.Behaviour;
import upahead.server.payruns.inbox.Inbox;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.access.Role;
import upahead.server.platform.access.SignedIn;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.notices.Notices;
import upahead.server.platform.problems.Refusal;
import upahead.server.policies.Policies;
import upahead.server.policies.PolicyDetail;
import upahead.server.requests.Asking;
import upahead.server.requests.Deciding;
import upahead.server.requests.RequestDetail;
import upahead.server.requests.leave.Decision;
import upahead.server.requests.leave.RequestDraft;
import upahead.server.requests.leave.RequestDraft.AskedDay;
import upahead.server.requests.leave.RequestDraft.Part;

/** Lives through the first months: requests, decisions, hours and closed runs, each on its day. */
@Component
class DemoHistory {

    static final LocalDate TODAY = LocalDate.of(2027, 4, 26);

    private static final LocalDate CORRECTED = LocalDate.of(2027, 4, 8);

    private record Event(LocalDateTime at, Runnable happens) {}

    private final Asking asking;
    private final Deciding deciding;
    private final Policies policies;
    private final PayRuns runs;
    private final RunClosing closing;
    private final RunChecking checking;
    private final Deliveries deliveries;
    private final Courier courier;
    private final Inbox inbox;
    private final HoursImport hours;
    private final CardTyping cards;
    private final DemoHours demoHours;
    private final Organisation organisation;
    private final Notices notices;
    private final CurrentUser user;
    private final MovableClock clock;

    DemoHistory(
            Asking asking,
            Deciding deciding,
            Policies policies,
            PayRuns runs,
            RunClosing closing,
            RunChecking checking,
            Deliveries deliveries,
            Courier courier,
            Inbox inbox,
            HoursImport hours,
            CardTyping cards,
            DemoHours demoHours,
            Organisation organisation,
            Notices notices,
            CurrentUser user,
            MovableClock clock) {
        this.asking = asking;
        this.deciding = deciding;
        this.policies = policies;
        this.runs = runs;
        this.closing = closing;
        this.checking = checking;
        this.deliveries = deliveries;
        this.courier = courier;
        this.inbox = inbox;
        this.hours = hours;
        this.cards = cards;
        this.demoHours = demoHours;
        this.organisation = organisation;
        this.notices = notices;
        this.user = user;
        this.clock = clock;
    }

    /** Lives from the start of the policies to the demo day. */
    void live(Map<String, Person> people) {
        Map<String, Long> policyIds = new HashMap<>();
        policies.all().forEach((PolicyDetail policy) -> policyIds.put(policy.name(), policy.id()));
        List<Event> events = new ArrayList<>();
        DemoLeave.story(people)
                .forEach(asked -> events.add(new Event(asked.sent(), () -> ask(asked, policyIds.get(asked.policy())))));
        for (PayGroup group : organisation.payGroups()) {
            runs.begin(group.id(), LocalDate.of(2027, 1, 4));
            group.calendar()
                    .periodsTouching(new DateSpan(LocalDate.of(2027, 1, 4), TODAY.minusDays(10)))
                    .filter(period -> period.last().isBefore(TODAY.minusDays(5)))
                    .forEach(period -> events.addAll(runOf(group, period)));
        }
        events.add(new Event(LocalDate.of(2027, 4, 15).atTime(10, 0), this::correctLate));
        events.add(new Event(LocalDate.of(2027, 3, 3).atTime(9, 0), () -> shorten(people.get("B146"))));
        events.add(new Event(LocalDate.of(2027, 3, 3).atTime(10, 0), this::undoOnce));
        events.add(new Event(
                LocalDate.of(2027, 4, 14).atTime(9, 0), () -> inbox.behave(Behaviour.ANSWERS, List.of("SICK"))));
        events.add(new Event(
                LocalDate.of(2027, 4, 15).atTime(18, 0), () -> people.values().forEach(this::readNotices)));
        events.sort(Comparator.comparing(Event::at));
        for (Event event : events) {
            clock.moveTo(event.at().toLocalDate());
            event.happens().run();
        }
        inbox.behave(Behaviour.ANSWERS, List.of("OVT"));
    }

    private void readNotices(Person person) {
        SignedIn reader = new SignedIn(0, "", person.name(), Role.EMPLOYEE, person.id());
        user.actAs(reader, notices::markAll);
    }

    private List<Event> runOf(PayGroup group, DateSpan period) {
        LocalDateTime after = period.last().plusDays(1).atTime(11, 0);
        Event close = new Event(after.plusDays(1), () -> close(group));
        if (!group.name().equals(DemoPeople.HOURLY)) {
            return List.of(close);
        }
        return List.of(new Event(after, () -> take(group, period, demoHours.file(group.id(), period))), close);
    }

    private void take(PayGroup group, DateSpan period, String file) {
        String name = "hours-" + period.first() + ".csv";
        hours.take(file.getBytes(StandardCharsets.UTF_8), name, group.id(), period, Set.of());
    }

    private void close(PayGroup group) {
        PayRun open = runs.ofGroup(group.id()).stream()
                .filter(run -> !run.isClosed())
                .reduce((newer, older) -> older)
                .orElseThrow();
        checking.check(open.id(), "As in every run; nothing out of the ordinary");
        closing.close(open.id());
        deliveries.deliver(open.id());
        courier.come();
    }

    /** Somebody went home early on a day whose period was closed already. */
    private void shorten(Person person) {
        cards.change(person.id(), List.of(new TypedLine(LocalDate.of(2027, 2, 24), "8h", "5.5h")), "went home early");
    }

    /** A close that came too early, and the same again an hour later. */
    private void undoOnce() {
        PayGroup salaried = organisation.payGroups().stream()
                .filter(each -> each.name().equals(DemoPeople.SALARIED))
                .findFirst()
                .orElseThrow();
        runs.ofGroup(salaried.id()).stream()
                .filter(PayRun::isClosed)
                .findFirst()
                .ifPresent(newest -> closing.undo(newest.id(), "Two requests were still on paper"));
        courier.come();
        close(salaried);
    }

    private void correctLate() {
        PayGroup group = organisation.payGroups().stream()
                .filter(each -> each.name().equals(DemoPeople.HOURLY))
                .findFirst()
                .orElseThrow();
        String correction = "person,date,kind,hours\nB129," + CORRECTED + ",regular,11.5\n";
        take(group, group.calendar().periodOf(CORRECTED), correction);
    }

    private void ask(Asked asked, long policyId) {
        List<AskedDay> days = new DateSpan(asked.first(), asked.last())
                .dates()
                .map(day -> new AskedDay(day, Part.WHOLE, null))
                .toList();
        RequestDraft draft = new RequestDraft(asked.person().id(), policyId, days, asked.note());
        try {
            RequestDetail sent = user.actAs(employee(asked.person()), () -> asking.send(draft));
            answer(asked, sent);
        } catch (Refusal notPossible) {
            // somebody who finds the dates closed asks for none
        }
    }

    private void answer(Asked asked, RequestDetail sent) {
        long id = sent.request().id();
        if (asked.outcome() == Outcome.WITHDRAWN) {
            user.actAs(
                    employee(asked.person()),
                    () -> asking.withdraw(id, sent.request().edits()));
        } else if (asked.outcome() != Outcome.WAITING) {
            Map<LocalDate, Decision> decisions = new HashMap<>();
            sent.review().days().forEach(day -> decisions.put(day.on(), decision(asked, decisions.size())));
            SignedIn approver = approver(asked.person());
            user.actAs(approver, () -> deciding.decide(id, sent.request().edits(), decisions, asked.answer()));
        }
    }

    private static Decision decision(Asked asked, int day) {
        boolean declined = asked.outcome() == Outcome.DECLINED || (asked.outcome() == Outcome.PARTLY && day < 2);
        return declined ? Decision.DECLINED : Decision.APPROVED;
    }

    private static SignedIn employee(Person person) {
        return new SignedIn(0, person.code(), person.name(), Role.EMPLOYEE, person.id());
    }

    private static SignedIn approver(Person person) {
        return person.approverId() == null
                ? new SignedIn(0, DemoPeople.ADMINISTRATOR, "Teodric Brackwyn", Role.ADMINISTRATOR, null)
                : new SignedIn(0, "approver", person.approver(), Role.APPROVER, person.approverId());
    }
}
