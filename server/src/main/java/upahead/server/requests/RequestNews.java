package upahead.server.requests;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import upahead.core.calendar.DateSpan;
import upahead.server.employment.People;
import upahead.server.employment.Person;
import upahead.server.periods.LateChange.Subject;
import upahead.server.periods.LateChanges;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.hooks.HookEvent;
import upahead.server.platform.hooks.Webhooks;
import upahead.server.platform.notices.Notices;
import upahead.server.platform.notices.Topic;
import upahead.server.platform.words.Words;
import upahead.server.requests.leave.RequestState;
import upahead.server.requests.leave.RequestStore;
import upahead.server.requests.leave.RequestSummary;
import upahead.server.requests.signing.Asked;
import upahead.server.requests.signing.WhoIsAsked;
import upahead.server.requests.told.AlsoTold;

/** Tells whom it concerns what became of a request: the person, and the next run where a closed period changes. */
@Component
class RequestNews {

    private final RequestStore store;
    private final MovableClock clock;
    private final People people;
    private final WhoIsAsked whoIsAsked;
    private final Notices notices;
    private final AlsoTold alsoTold;
    private final CurrentUser user;
    private final LateChanges changes;
    private final Webhooks webhooks;

    RequestNews(
            RequestStore store,
            People people,
            WhoIsAsked whoIsAsked,
            Notices notices,
            AlsoTold alsoTold,
            CurrentUser user,
            LateChanges changes,
            Webhooks webhooks,
            MovableClock clock) {
        this.store = store;
        this.clock = clock;
        this.people = people;
        this.whoIsAsked = whoIsAsked;
        this.notices = notices;
        this.alsoTold = alsoTold;
        this.user = user;
        this.changes = changes;
        this.webhooks = webhooks;
    }

    /** Notes that leave of some days is or is no longer taken. */
    void noteLate(RequestSummary request, Set<LocalDate> days, String what) {
        days.stream()
                .min(LocalDate::compareTo)
                .ifPresent(first -> changes.note(
                        request.personId(),
                        request.policyId(),
                        first,
                        request.policy() + " of " + days(days) + " " + what + " by "
                                + user.get().name(),
                        Subject.REQUEST,
                        request.id()));
    }

    /** Tells other programs what became of a request, without its notes and documents. */
    void tellPrograms(HookEvent event, RequestSummary request) {
        webhooks.tell(
                event,
                Map.of(
                        "request", request.id(),
                        "person", people.get(request.personId()).code(),
                        "policy", request.policy(),
                        "state", request.state(),
                        "firstDay", request.first(),
                        "lastDay", request.last(),
                        "approved", request.approved(),
                        "unit", request.unit()));
    }

    /** Mails the person what was decided: what is approved and what it costs, each declined day, and the message. */
    void tellRequester(RequestSummary request, String message) {
        Person person = people.get(request.personId());
        String state = RequestWords.state(request.state());
        StringBuilder text = new StringBuilder(user.get().name() + ": " + state);
        if (!request.approved().isZero()) {
            text.append(", ").append(Words.amount(request.approved(), request.unit()));
        }
        if (!request.declined().isEmpty()) {
            text.append(". Declined: ").append(listed(request.declined()));
        }
        text.append(message.isEmpty() ? "." : ". " + message);
        String about = "Your " + request.policy() + " from " + Words.weekday(request.first()) + " is " + state;
        notices.tell(person.id(), Topic.OWN_REQUEST, about, about + ". " + text, "/my-time/requests/" + request.id());
        tellOthers(request, person);
    }

    /** Tells the person that the days of a waiting request were corrected, and why. */
    void tellCorrected(RequestSummary request, String what) {
        String about = "Your request for " + request.policy() + " is corrected to "
                + Words.amount(request.total(), request.unit()) + ", "
                + Words.span(new DateSpan(request.first(), request.last()));
        notices.tell(
                request.personId(),
                Topic.OWN_REQUEST,
                about,
                about + ". " + user.get().name() + ", " + what,
                "/my-time/requests/" + request.id());
    }

    /** Tells chosen others who is away, or is not after all, and nothing of why. */
    private void tellOthers(RequestSummary request, Person person) {
        boolean cancelled = request.state() == RequestState.CANCELLED;
        if (cancelled || !request.approved().isZero()) {
            alsoTold.tell(
                    person,
                    person.name()
                            + (cancelled ? " is not away " : " is away ")
                            + Words.span(new DateSpan(request.first(), request.last()))
                            + (cancelled || request.declined().isEmpty() ? "" : ", on some of the days"));
        }
    }

    /** Mails whoever signs next what is asked for; the history says why it is not the one who was meant. */
    void tellNextSigner(RequestSummary request) {
        whoIsAsked
                .of(request.sent())
                .map(Asked::because)
                .filter(because -> !because.isEmpty())
                .ifPresent(because -> store.addEvent(request.id(), clock.now(), "Up Ahead", "ASKED_INSTEAD", because));
        String text = request.person() + " asks for " + Words.amount(request.total(), request.unit()) + " of "
                + request.policy() + ", " + Words.weekday(request.first())
                + (request.first().equals(request.last()) ? "" : " to " + Words.weekday(request.last()))
                + (request.note().isEmpty() ? "." : ", with the note: " + request.note());
        String about = request.person() + " asks for " + request.policy() + " from " + Words.weekday(request.first());
        people.get(whoIsAsked.toTell(request.sent())).forEach(signer -> tell(signer, request, about, text));
    }

    /** Mails whoever decides for the person, or their stand-in, what the person asks; the administrators where nobody does. */
    void tellLeader(RequestSummary request, String what, String message) {
        String text = request.person() + " " + what + " (" + RequestWords.inShort(request) + "): " + message;
        people.get(whoIsAsked.leadersOf(people.get(request.personId())))
                .forEach(leader -> tell(leader, request, request.person() + " " + what, text));
    }

    /** Tells whoever acts next, in the pages and by mail. */
    private void tell(Person signer, RequestSummary request, String about, String text) {
        notices.tell(signer.id(), Topic.TO_DECIDE, about, text, "/requests/" + request.id());
    }

    private static String listed(List<LocalDate> days) {
        return days.stream().map(Words::weekday).collect(Collectors.joining("; "));
    }

    /** The days from the first to the last. */
    static String days(Collection<LocalDate> days) {
        List<LocalDate> sorted = days.stream().sorted().toList();
        return Words.span(new DateSpan(sorted.get(0), sorted.get(sorted.size() - 1)));
    }
}
