package upahead.server.lookout;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.calendar.DateSpan;
import upahead.server.lookout.LookoutItem.Kind;
import upahead.server.lookout.LookoutItem.Urgency;
import upahead.server.organisation.Organisation;
import upahead.server.organisation.PayGroup;
import upahead.server.payruns.Blocker;
import upahead.server.payruns.PayRun;
import upahead.server.payruns.PayRuns;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.access.SignedIn;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.platform.serving.AsBefore.Shown;
import upahead.server.platform.sql.TurnStore;
import upahead.server.platform.sql.WhileUnchanged;
import upahead.server.platform.words.Words;
import upahead.server.requests.Requests;
import upahead.server.requests.leave.RequestQuery;
import upahead.server.requests.leave.RequestState;
import upahead.server.requests.leave.RequestSummary;
import upahead.server.running.Backups;

/** What needs whoever looks, by how soon. */
@Service
public class Lookout {

    private static final int URGENT_DAYS = 7;
    private static final int MOST_REQUESTS = 200;
    private static final int MOST_KEPT = 20_000;

    private final Requests requests;
    private final PayRuns runs;
    private final Organisation organisation;
    private final FurtherAhead further;
    private final PayrollFinder payroll;
    private final Backups backups;
    private final CurrentUser user;
    private final MovableClock clock;
    private final WhileUnchanged<Asked, RequestSummary> waiting;

    private record Asked(SignedIn user, LocalDate today) {}

    Lookout(
            Requests requests,
            PayRuns runs,
            Organisation organisation,
            FurtherAhead further,
            PayrollFinder payroll,
            Backups backups,
            CurrentUser user,
            MovableClock clock,
            TurnStore turns) {
        this.requests = requests;
        this.runs = runs;
        this.organisation = organisation;
        this.further = further;
        this.payroll = payroll;
        this.backups = backups;
        this.user = user;
        this.clock = clock;
        this.waiting = WhileUnchanged.byTheDay(turns, MOST_KEPT);
    }

    /** Everything that needs the one signed in, soonest first. */
    @Transactional(readOnly = true)
    @May(Permission.DECIDE_FOR_THE_ASSIGNED)
    public Shown<LookoutItem> look() {
        boolean payroll = user.get().may(Permission.RUN_PAYROLL);
        List<Shown<LookoutItem>> ofPayroll = payroll ? ofPayroll() : List.of();
        List<LookoutItem> items = ofPayroll.stream()
                .flatMap(part -> part.rows().stream())
                .collect(Collectors.toCollection(ArrayList::new));
        Set<Long> blocking = items.stream().map(LookoutItem::requestId).collect(Collectors.toSet());
        waiting().stream()
                .filter(request -> !blocking.contains(request.id()))
                .map(this::request)
                .forEach(items::add);
        if (user.get().may(Permission.KEEP_THE_COMPANY)) {
            backups.wrong().map(this::backup).ifPresent(items::add);
        }
        items.sort(Comparator.comparing(LookoutItem::urgency)
                .thenComparing(LookoutItem::by)
                .thenComparing(LookoutItem::what));
        return new Shown<>(items, ofPayroll.stream().anyMatch(Shown::beingRenewed));
    }

    private LookoutItem backup(String why) {
        return new LookoutItem(
                Urgency.NOW, Kind.BACKUP, clock.today(), "Look at the backups", why, null, null, null, null, null);
    }

    private List<RequestSummary> waiting() {
        return waiting.of(new Asked(user.get(), clock.today()), () -> requests.queue(
                        RequestQuery.in(Set.of(RequestState.WAITING), MOST_REQUESTS))
                .items());
    }

    private LookoutItem request(RequestSummary request) {
        boolean soon = request.first().isBefore(clock.today().plusDays(URGENT_DAYS));
        return new LookoutItem(
                soon ? Urgency.NOW : Urgency.FURTHER_AHEAD,
                Kind.REQUEST,
                request.first(),
                request.person()
                        + (request.cancelAsked().isEmpty() ? " asks for " : " asks to cancel days of ")
                        + request.policy(),
                Words.amount(request.total(), request.unit()) + ", "
                        + Words.span(new DateSpan(request.first(), request.last())) + ", sent "
                        + Words.day(request.sentAt().toLocalDate()) + ".",
                request.personId(),
                request.person(),
                request.id(),
                null,
                request.policyId());
    }

    private List<Shown<LookoutItem>> ofPayroll() {
        List<Shown<LookoutItem>> parts = new ArrayList<>();
        parts.add(new Shown<>(payroll.find(), false));
        for (PayGroup group : organisation.payGroups()) {
            runs.ofGroup(group.id()).stream().filter(run -> !run.isClosed()).forEach(run -> {
                Shown<Blocker> blockers = runs.blockersLately(run.id());
                parts.add(new Shown<>(ofRun(group, run, blockers.rows()), blockers.beingRenewed()));
            });
        }
        parts.add(further.find(clock.today()));
        return parts;
    }

    private List<LookoutItem> ofRun(PayGroup group, PayRun run, List<Blocker> all) {
        boolean over = clock.today().isAfter(run.lastDay());
        List<Blocker> blockers = all.stream()
                .filter(blocker -> blocker.kind() != Blocker.Kind.PERIOD_NOT_OVER)
                .toList();
        List<LookoutItem> items = new ArrayList<>();
        long missing = blockers.stream()
                .filter(blocker -> blocker.kind() == Blocker.Kind.MISSING_HOURS)
                .count();
        if (over) {
            items.add(item(
                    Urgency.NOW,
                    Kind.RUN,
                    run,
                    "Close the run of " + group.name(),
                    "The period " + Words.span(run.period()) + " is over; "
                            + (blockers.isEmpty()
                                    ? run.isChecked()
                                            ? "it is checked and can be closed."
                                            : "nothing blocks it; look at its cautions and check it."
                                    : Words.count(blockers.size(), "blocker") + " in the way.")));
        }
        long unfinished = blockers.stream()
                .filter(blocker -> blocker.kind() == Blocker.Kind.UNFINISHED_DAYS)
                .count();
        if (unfinished > 0 && over) {
            items.add(item(
                    Urgency.BEFORE_THE_RUN_CLOSES,
                    Kind.HOURS,
                    run,
                    unfinished == 1 ? "1 person has unfinished days" : unfinished + " people have unfinished days",
                    "Days of cards in " + Words.span(run.period()) + " are not finished."));
        }
        if (missing > 0 && over) {
            items.add(item(
                    Urgency.BEFORE_THE_RUN_CLOSES,
                    Kind.HOURS,
                    run,
                    "Hours of " + missing + " people are missing",
                    "They are scheduled in " + Words.span(run.period()) + " and have no hours."));
        }
        blockers.stream()
                .filter(blocker -> blocker.kind() == Blocker.Kind.WAITING_REQUEST)
                .map(blocker -> new LookoutItem(
                        Urgency.BEFORE_THE_RUN_CLOSES,
                        Kind.REQUEST,
                        blocker.on(),
                        blocker.message(),
                        "Leave in " + Words.span(run.period()) + " must be decided before the run of " + group.name()
                                + " closes.",
                        blocker.personId(),
                        null,
                        blocker.requestId(),
                        run.id(),
                        null))
                .forEach(items::add);
        return items;
    }

    private static LookoutItem item(Urgency urgency, Kind kind, PayRun run, String what, String why) {
        return new LookoutItem(urgency, kind, run.lastDay(), what, why, null, null, null, run.id(), null);
    }
}
