package upahead.server.cards.terminals;

import jakarta.annotation.Nullable;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.cards.Punch;
import upahead.server.cards.punches.ArrivedPunches;
import upahead.server.cards.punches.StoredPunch;
import upahead.server.cards.punches.StoredPunch.State;
import upahead.server.employment.People;
import upahead.server.employment.Person;
import upahead.server.organisation.Organisation;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.access.Role;
import upahead.server.platform.access.SignedIn;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.problems.Refusal;

/** Takes what was said at a paired screen: each once, however often and late it arrives. */
@Service
public class HearingPunches {

    private static final Duration CLOCK_MAY_DIFFER = Duration.ofMinutes(2);
    private static final Duration OLDEST = Duration.ofDays(60);
    private static final int MOST_AT_ONCE = 500;

    private final PairedTerminals paired;
    private final ArrivedPunches punches;
    private final People people;
    private final Organisation organisation;
    private final CurrentUser user;
    private final MovableClock clock;

    HearingPunches(
            PairedTerminals paired,
            ArrivedPunches punches,
            People people,
            Organisation organisation,
            CurrentUser user,
            MovableClock clock) {
        this.paired = paired;
        this.punches = punches;
        this.people = people;
        this.organisation = organisation;
        this.user = user;
        this.clock = clock;
    }

    /**
     * What was said at a screen.
     *
     * @param mark by which the screen knows it; heard twice, it is taken once
     * @param at by the screen's clock
     */
    public record SaidPunch(String mark, String code, Punch.Kind kind, Instant at) {}

    /**
     * What became of it.
     *
     * @param person whose it is, null where nobody is known by the code
     * @param message what to show, in words
     */
    public record HeardPunch(String mark, State state, @Nullable String person, String message) {}

    /**
     * Takes what was said at a screen; what was heard before is not taken again. Where the screen's clock is off, the times
     * are put right by as much.
     *
     * @param sentAt now by the screen's clock
     */
    @Transactional
    public List<HeardPunch> hear(String token, Instant sentAt, List<SaidPunch> said) {
        Terminal terminal = paired.known(token);
        if (said.size() > MOST_AT_ONCE) {
            throw Refusal.of("punches", "At most " + MOST_AT_ONCE + " are heard at once.");
        }
        Duration between = Duration.between(sentAt, clock.instant());
        Duration off = between.abs().compareTo(CLOCK_MAY_DIFFER) > 0 ? between : Duration.ZERO;
        Map<String, SaidPunch> once = new LinkedHashMap<>();
        said.forEach(each -> once.putIfAbsent(each.mark(), each));
        Set<String> heardBefore = punches.known(terminal.id(), once.keySet());
        Map<String, Optional<Person>> whose = new LinkedHashMap<>();
        once.values().forEach(each -> whose.computeIfAbsent(each.code(), people::byClockCode));
        ZoneId zone = organisation.zones().get(terminal.siteId());
        List<StoredPunch> arriving = new ArrayList<>();
        once.values().stream()
                .filter(each -> !heardBefore.contains(each.mark()))
                .forEach(each -> arriving.add(stored(terminal, each, whose.get(each.code()), off, zone)));
        SignedIn asTerminal = new SignedIn(0, "terminal", "Terminal " + terminal.name(), Role.EMPLOYEE, null);
        Map<String, StoredPunch> heard =
                user.actAs(asTerminal, () -> punches.arrived(arriving, "terminal " + terminal.name())).stream()
                        .collect(Collectors.toMap(StoredPunch::mark, each -> each));
        return once.values().stream()
                .map(each -> new HeardPunch(
                        each.mark(),
                        heard.containsKey(each.mark()) ? heard.get(each.mark()).state() : State.TAKEN,
                        whose.get(each.code()).map(Person::name).orElse(null),
                        words(heard.get(each.mark()), zone)))
                .toList();
    }

    private StoredPunch stored(Terminal terminal, SaidPunch said, Optional<Person> person, Duration off, ZoneId zone) {
        Instant meant = said.at().plus(off);
        Instant at = meant.isAfter(clock.instant()) ? clock.instant() : meant;
        boolean tooOld = at.isBefore(clock.instant().minus(OLDEST));
        State state = person.isEmpty() ? State.UNKNOWN : tooOld ? State.SET_ASIDE : State.TAKEN;
        String note = person.isEmpty()
                ? "Nobody has the code " + said.code() + "."
                : tooOld ? "It is more than " + OLDEST.toDays() + " days old." : clockWords(off);
        return new StoredPunch(
                0,
                terminal.id(),
                said.mark(),
                said.code(),
                person.map(Person::id).orElse(null),
                said.kind(),
                new Punch(at, said.kind()).at(),
                zone,
                "terminal " + terminal.name(),
                clock.now(),
                state,
                note);
    }

    private static String clockWords(Duration off) {
        return off.isZero()
                ? ""
                : "The terminal’s clock was " + off.abs().toMinutes() + " minutes "
                        + (off.isNegative() ? "ahead" : "behind") + "; put right by as much.";
    }

    private static String words(StoredPunch heard, ZoneId zone) {
        if (heard == null) {
            return "Heard before.";
        }
        String time = heard.at().atZone(zone).toLocalTime().toString();
        return switch (heard.state()) {
            case UNKNOWN -> "Nobody has this code. It is kept for payroll to look at.";
            case SET_ASIDE -> "Kept for payroll to look at. " + heard.note();
            default ->
                switch (heard.kind()) {
                    case IN -> "In at " + time + ".";
                    case OUT -> "Out at " + time + ".";
                    case BREAK -> "Break at " + time + ".";
                };
        };
    }
}
