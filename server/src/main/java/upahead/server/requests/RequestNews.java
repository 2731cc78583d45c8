package upahead.server.requests;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
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
import upahead.server.platform.mail.Mailbox;
import upahead.server.platform.notices.Notices;
import upahead.server.platform.words.Words;
import upahead.server.requests.leave.RequestStore;
import upahead.server.requests.leave.RequestSummary;
import upahead.server.requests.signing.Asked;
import upahead.server.requests.signing.SignOffs;

/** Tells whom it concerns what became of a request: the person, and the next run where a closed period changes. */
@Component
class RequestNews {

    private final RequestStore store;
    private final MovableClock clock;
    private final People people;
    private final SignOffs signOffs;
    private final Mailbox mailbox;
    private final Notices notices;
    private final CurrentUser user;
    private final LateChanges changes;

    RequestNews(
            RequestStore store,
            People people,
            SignOffs signOffs,
            Mailbox mailbox,
            Notices notices,
            CurrentUser user,
            LateChanges changes,
            MovableClock clock) {
        this.store = store;
        this.clock = clock;
        this.people = people;
        this.signOffs = signOffs;
        this.mailbox = mailbox;
        this.notices = notices;
        this.user = user;
        this.changes = changes;
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
        notices.tell(person.id(), about + ". " + text, "/my-time/requests/" + request.id());
        mailbox.send(person.id(), person.email(), about, text.toString());
    }

    /** Mails whoever signs next what is asked for; the history says why it is not the one who was meant. */
    void tellNextSigner(RequestSummary request) {
        signOffs.asked(request.sent())
                .map(Asked::because)
                .filter(because -> !because.isEmpty())
                .ifPresent(because -> store.addEvent(request.id(), clock.now(), "Up Ahead", "ASKED_INSTEAD", because));
        String text = request.person() + " asks for " + Words.amount(request.total(), request.unit()) + " of "
                + request.policy() + ", " + Words.weekday(request.first()) + " to " + Words.weekday(request.last())
                + (request.note().isEmpty() ? "." : ", with the note: " + request.note());
        String about = request.person() + " asks for " + request.policy() + " from " + Words.weekday(request.first());
        people.get(signOffs.toTell(request.sent())).forEach(signer -> tell(signer, request, about, text));
    }

    /** Mails whoever decides for the person, or their stand-in, what the person asks; the administrators where nobody does. */
    void tellLeader(RequestSummary request, String what, String message) {
        String text = request.person() + " " + what + " (" + RequestWords.inShort(request) + "): " + message;
        people.get(signOffs.leadersOf(people.get(request.personId())))
                .forEach(leader -> tell(leader, request, request.person() + " " + what, text));
    }

    /** Tells whoever acts next, in the pages and by mail. */
    private void tell(Person signer, RequestSummary request, String about, String text) {
        notices.tell(signer.id(), text, "/requests/" + request.id());
        mailbox.send(signer.id(), signer.email(), about, text);
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
