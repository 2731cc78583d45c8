package upahead.server.cards;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.calendar.DateSpan;
import upahead.core.cards.CardDay;
import upahead.core.cards.CardFault;
import upahead.core.cards.TypedDay;
import upahead.core.quantity.Amount;
import upahead.server.cards.days.CardChecks;
import upahead.server.cards.days.CardRemark;
import upahead.server.cards.days.CardWriting;
import upahead.server.cards.days.NewDay;
import upahead.server.cards.days.Origin;
import upahead.server.cards.days.StoredCards;
import upahead.server.cards.days.StoredCards.StoredCard;
import upahead.server.employment.People;
import upahead.server.employment.Person;
import upahead.server.organisation.HoursKinds;
import upahead.server.periods.LateChanges;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.access.SignedIn;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.Permission;
import upahead.server.platform.words.Words;

/** Times and hours typed on a card, by the person or by whoever runs payroll, also after their period was closed. */
@Service
public class CardTyping {

    private static final Amount DAY = Amount.of(24);
    private static final int MOST_DAYS = 62;

    private final StoredCards cards;
    private final CardWriting writing;
    private final People people;
    private final LateChanges changes;
    private final CurrentUser user;
    private final MovableClock clock;

    CardTyping(
            StoredCards cards,
            CardWriting writing,
            People people,
            LateChanges changes,
            CurrentUser user,
            MovableClock clock) {
        this.cards = cards;
        this.writing = writing;
        this.people = people;
        this.changes = changes;
        this.user = user;
        this.clock = clock;
    }

    /**
     * A day as it was typed.
     *
     * @param seen the line that stood there when it was looked at
     * @param line times such as "8-12 12:30-16:30", hours such as "7.5h", or nothing
     */
    public record TypedLine(LocalDate on, String seen, String line) {}

    /**
     * Changes some days of somebody's card, all of them or none.
     *
     * @param reason why; needed for a day of a closed period, else it may be empty
     * @throws Refusal naming the day in its field, as {@code days/2027-04-12}, if it cannot be, or somebody else changed it
     *     meanwhile
     */
    @Transactional
    @PreAuthorize("@reach.actsFor(#personId)")
    public void change(long personId, List<TypedLine> lines, String reason) {
        Person person = people.get(personId);
        if (lines.isEmpty() || lines.size() > MOST_DAYS) {
            throw Refusal.of("days", "Please change 1 to " + MOST_DAYS + " days at once.");
        }
        people.lock(personId);
        LocalDate first =
                lines.stream().map(TypedLine::on).min(LocalDate::compareTo).orElseThrow();
        LocalDate last =
                lines.stream().map(TypedLine::on).max(LocalDate::compareTo).orElseThrow();
        if (first.plusDays(MOST_DAYS).isBefore(last)) {
            throw Refusal.of("days", "Please change days at most " + MOST_DAYS + " days apart at once.");
        }
        StoredCard card = cards.of(List.of(personId), new DateSpan(first.minusDays(1), last.plusDays(1)))
                .get(personId);
        List<NewDay> days = new ArrayList<>();
        Set<LocalDate> once = new HashSet<>();
        for (TypedLine line : lines) {
            if (!once.add(line.on())) {
                throw refused(line, Words.day(line.on()) + " is there twice.");
            }
            requireMay(card, line, reason);
            days.add(read(person, card, line));
        }
        writing.write(days, new Origin("typed", true, reason));
    }

    private void requireMay(StoredCard card, TypedLine line, String reason) {
        SignedIn typing = user.get();
        boolean isPayroll = typing.may(Permission.RUN_PAYROLL);
        boolean isOwn = typing.person().filter(own -> own == card.personId()).isPresent();
        if (!isPayroll && !isOwn) {
            throw refused(line, "Times are typed by the person or by payroll.");
        }
        if (!isPayroll && !card.life().rules(line.on()).typedByPerson()) {
            throw refused(line, "Your times come from the clock; ask payroll to change them.");
        }
        if (changes.isLate(card.personId(), line.on())) {
            if (!isPayroll) {
                throw refused(line, Words.day(line.on()) + " is in a closed period; ask payroll to change it.");
            }
            if (reason.isBlank()) {
                throw Refusal.of("reason", Words.day(line.on()) + " is in a closed period. Please say why it changes.");
            }
        }
        if (!card.line(line.on()).equals(line.seen())) {
            throw Refusal.conflict("Somebody else changed " + Words.day(line.on()) + " meanwhile to “"
                    + card.line(line.on()) + "”. Yours was not stored.");
        }
        if (line.on().isAfter(clock.today())) {
            throw refused(line, "Hours are recorded up to today.");
        }
    }

    private NewDay read(Person person, StoredCard card, TypedLine line) {
        TypedDay typed;
        try {
            typed = TypedDay.read(line.line(), new LinkedHashSet<>(HoursKinds.names()));
        } catch (TypedDay.Unreadable unreadable) {
            throw refused(line, capitalised(unreadable.getMessage()) + ".");
        }
        if (!typed.isEmpty() && !card.life().isEmployedOn(line.on())) {
            throw refused(line, person.name() + " is not employed on " + Words.day(line.on()) + ".");
        }
        Amount hours = Amount.sum(typed.hours().values());
        if (hours.isMoreThan(DAY)) {
            throw refused(line, "A day has between 0 and 24 hours, not " + hours + ".");
        }
        CardDay times = typed.on(line.on(), card.life().zone(line.on()));
        if (times.faults().stream().anyMatch(fault -> fault.kind() == CardFault.Kind.MORE_THAN_A_DAY)) {
            throw refused(line, "That makes " + times.hours() + " hours on one day.");
        }
        requireFinishedIfClosed(card, line, times);
        return new NewDay(person.id(), line.on(), times, withoutNothing(typed.hours()));
    }

    /** "0h" says that nothing was worked; nothing beside other hours says nothing. */
    private static Map<String, Amount> withoutNothing(Map<String, Amount> hours) {
        return hours.size() == 1
                ? hours
                : hours.entrySet().stream()
                        .filter(each -> each.getValue().isPositive())
                        .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
    }

    private void requireFinishedIfClosed(StoredCard card, TypedLine line, CardDay times) {
        List<CardRemark> remarks = CardChecks.mustBeMended(
                card.life(), line.on(), times, card.times(line.on().minusDays(1)));
        if (!remarks.isEmpty() && changes.isLate(card.personId(), line.on())) {
            throw refused(
                    line,
                    "In a closed period a day must be whole. " + remarks.get(0).message());
        }
    }

    private static Refusal refused(TypedLine line, String message) {
        return Refusal.of("days/" + line.on(), message);
    }

    private static String capitalised(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }
}
