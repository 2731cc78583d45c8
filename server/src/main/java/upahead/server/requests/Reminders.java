package upahead.server.requests;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import upahead.core.calendar.DateSpan;
import upahead.server.employment.People;
import upahead.server.organisation.Organisation;
import upahead.server.organisation.PayGroup;
import upahead.server.platform.daily.OnceADay;
import upahead.server.platform.notices.Notices;
import upahead.server.platform.notices.Topic;
import upahead.server.platform.words.Words;
import upahead.server.policies.Reminding;
import upahead.server.policies.SignOffPaths;
import upahead.server.requests.leave.ReminderStore;
import upahead.server.requests.leave.ReminderStore.WaitingSince;
import upahead.server.requests.leave.RequestListStore;
import upahead.server.requests.leave.RequestSummary;
import upahead.server.requests.signing.WhoIsAsked;

/** Reminds whoever is asked for a decision: when it has waited long, and before the pay run of its days. */
@Component
class Reminders implements OnceADay {

    private final ReminderStore store;
    private final RequestListStore list;
    private final WhoIsAsked whoIsAsked;
    private final SignOffPaths paths;
    private final People people;
    private final Organisation organisation;
    private final Notices notices;

    Reminders(
            ReminderStore store,
            RequestListStore list,
            WhoIsAsked whoIsAsked,
            SignOffPaths paths,
            People people,
            Organisation organisation,
            Notices notices) {
        this.store = store;
        this.list = list;
        this.whoIsAsked = whoIsAsked;
        this.paths = paths;
        this.people = people;
        this.organisation = organisation;
        this.notices = notices;
    }

    @Override
    public String name() {
        return "reminders of requests";
    }

    @Override
    public void doFor(LocalDate day) {
        Reminding when = paths.reminding();
        Map<Long, PayGroup> groups =
                organisation.payGroups().stream().collect(Collectors.toMap(PayGroup::id, group -> group));
        for (WaitingSince waiting : store.waiting()) {
            RequestSummary request = list.find(waiting.requestId()).orElseThrow();
            PayGroup group = groups.get(people.get(request.personId()).payGroupId());
            closesSoon(waiting, request, group.calendar().periodOf(day), day, when)
                    .or(() -> waitsLong(waiting, day, when))
                    .ifPresent(why -> remind(request, why, day));
        }
    }

    /** Once before the end of the period. */
    private static Optional<String> closesSoon(
            WaitingSince waiting, RequestSummary request, DateSpan period, LocalDate day, Reminding when) {
        LocalDate from = period.last().minusDays(when.beforeCloseDays());
        boolean reminded = waiting.remindedOn() != null && !waiting.remindedOn().isBefore(from);
        return day.isBefore(from) || reminded || request.first().isAfter(period.last())
                ? Optional.empty()
                : Optional.of("its pay period ends on " + Words.weekday(period.last()));
    }

    private static Optional<String> waitsLong(WaitingSince waiting, LocalDate day, Reminding when) {
        LocalDate last = waiting.remindedOn() == null ? waiting.sentOn() : waiting.remindedOn();
        return ChronoUnit.DAYS.between(last, day) < when.afterDays()
                ? Optional.empty()
                : Optional.of("it has waited since " + Words.weekday(waiting.sentOn()));
    }

    private void remind(RequestSummary request, String why, LocalDate day) {
        store.reminded(request.id(), day);
        String about = "A request of " + request.person() + " still waits";
        String text = about + " (" + RequestWords.inShort(request) + "): " + why + ".";
        for (long signer : whoIsAsked.toTell(request.sent())) {
            notices.tell(signer, Topic.REMINDER, about, text, "/requests/" + request.id());
        }
    }
}
