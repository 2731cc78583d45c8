package upahead.server.cards.attendance;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.calendar.DateSpan;
import upahead.core.cards.CardDay;
import upahead.core.cards.Stretch;
import upahead.core.cards.Stretch.What;
import upahead.core.hours.Work;
import upahead.core.people.ClockSpan;
import upahead.core.quantity.Amount;
import upahead.server.cards.FilledCard;
import upahead.server.cards.FilledCards;
import upahead.server.cards.UnfinishedDay;
import upahead.server.employment.People;
import upahead.server.employment.PeopleQuery;
import upahead.server.employment.Person;
import upahead.server.employment.Reach;
import upahead.server.facts.hours.HolidayHours;
import upahead.server.facts.hours.HolidayHours.PaidHoliday;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.platform.sql.TurnStore;
import upahead.server.platform.sql.WhileUnchanged;
import upahead.server.platform.words.Words;

/** When people were there, what they worked, and who is there now. */
@Service
public class Attendance {

    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm");
    private static final int REMARKS = 3;
    private static final int MOST_KEPT = 60_000;

    private final FilledCards cards;
    private final HolidayHours holidayHours;
    private final People people;
    private final Reach reach;
    private final MovableClock clock;
    private final WhileUnchanged<Question, AttendanceRow> known;

    /** Whose attendance when, as of a minute: who is there now depends on it. */
    private record Question(PeopleQuery people, DateSpan days, LocalDateTime minute) {}

    Attendance(
            FilledCards cards,
            HolidayHours holidayHours,
            People people,
            Reach reach,
            MovableClock clock,
            TurnStore turns) {
        this.cards = cards;
        this.holidayHours = holidayHours;
        this.people = people;
        this.reach = reach;
        this.clock = clock;
        this.known = new WhileUnchanged<>(turns, MOST_KEPT);
    }

    /** Those who match, with unfinished days first and of these who have any hours; for an approver among the people assigned. */
    @Transactional(readOnly = true)
    @May(Permission.DECIDE_FOR_THE_ASSIGNED)
    public List<AttendanceRow> of(AttendanceQuery query) {
        PeopleQuery wanted = reach.led(
                new PeopleQuery(query.search(), query.teamId(), null, query.payGroupId(), null, 0, Integer.MAX_VALUE));
        Question question = new Question(wanted, query.days(), clock.now().truncatedTo(ChronoUnit.MINUTES));
        return known.of(question, () -> rows(wanted, query.days())).stream()
                .filter(row ->
                        query.conditions().stream().allMatch(condition -> AttendanceFigure.holds(condition, row)))
                .filter(row -> !query.onlyThere() || !row.now().isEmpty())
                .toList();
    }

    private List<AttendanceRow> rows(PeopleQuery wanted, DateSpan days) {
        List<Person> found = people.search(wanted).stream()
                .filter(person -> person.isEmployedWithin(days.first(), days.last()))
                .toList();
        Map<Long, FilledCard> filled = cards.of(found.stream().map(Person::id).toList(), days);
        Map<Long, List<PaidHoliday>> paid = holidayHours.of(found, days);
        return found.stream()
                .map(person -> row(person, filled.get(person.id()), days, paid.getOrDefault(person.id(), List.of())))
                .sorted(Comparator.comparing(
                                (AttendanceRow row) -> row.unfinished().isZero())
                        .thenComparing(row -> row.remarks().isEmpty())
                        .thenComparing(AttendanceRow::person))
                .toList();
    }

    private AttendanceRow row(Person person, FilledCard card, DateSpan days, List<PaidHoliday> paid) {
        Sums sums = new Sums();
        days.dates().forEach(on -> sums.add(card, on, clock.today()));
        List<UnfinishedDay> unfinished = card.unfinished(days);
        return new AttendanceRow(
                person.id(),
                person.code(),
                person.name(),
                person.team(),
                clock(sums.firstIn),
                clock(sums.lastOut),
                sums.worked,
                ClockSpan.hours(sums.rested),
                sums.capacity,
                sums.overtime,
                sums.over,
                sums.under,
                sums.leave,
                Amount.sum(paid.stream().map(PaidHoliday::hours).toList()),
                Amount.of(unfinished.size()),
                now(card),
                unfinished.stream()
                        .filter(day -> !day.isEmpty() || sums.worked.isPositive())
                        .limit(REMARKS)
                        .map(day -> Words.day(day.on()) + ": "
                                + day.remarks().get(0).message())
                        .toList());
    }

    /** Whether somebody is there: work that began today or yesterday and has no end. */
    private String now(FilledCard card) {
        List<Stretch> open = new ArrayList<>();
        for (LocalDate on : List.of(clock.today().minusDays(1), clock.today())) {
            card.stored().times(on).stretches().stream()
                    .filter(each -> each.to().isEmpty() && isRecent(each))
                    .forEach(open::add);
        }
        Optional<Stretch> rest =
                open.stream().filter(each -> each.what() == What.BREAK).findFirst();
        return rest.or(() -> open.stream().findFirst())
                .map(each -> (each.what() == What.BREAK ? "break since " : "in since ")
                        + CLOCK.format(
                                each.from().orElseThrow().atZone(card.life().zone(clock.today()))))
                .orElse("");
    }

    private boolean isRecent(Stretch open) {
        Instant now = clock.instant();
        return open.from()
                .filter(at -> !at.isAfter(now) && at.isAfter(now.minus(CardDay.LONGEST)))
                .isPresent();
    }

    private static String clock(OptionalLong minute) {
        return minute.isEmpty() ? "" : String.format("%02d:%02d", minute.getAsLong() / 60, minute.getAsLong() % 60);
    }

    /** The sums over some days. */
    private static final class Sums {

        private OptionalLong firstIn = OptionalLong.empty();
        private OptionalLong lastOut = OptionalLong.empty();
        private Amount worked = Amount.ZERO;
        private Duration rested = Duration.ZERO;
        private Amount capacity = Amount.ZERO;
        private Amount overtime = Amount.ZERO;
        private Amount over = Amount.ZERO;
        private Amount under = Amount.ZERO;
        private Amount leave = Amount.ZERO;

        void add(FilledCard card, LocalDate on, LocalDate today) {
            Amount workedOn = card.worked(on);
            worked = worked.plus(workedOn);
            rested = rested.plus(card.rested(on));
            capacity = capacity.plus(card.life().capacity(on));
            leave = leave.plus(card.leaveHours(on));
            overtime = overtime.plus(workedOn.minus(card.stored().hours(on).getOrDefault(Work.REGULAR, Amount.ZERO)));
            if (on.isBefore(today)) {
                Amount difference = workedOn.minus(card.expected(on));
                over = over.plus(difference.floorAtZero());
                under = under.plus(difference.negated().floorAtZero());
            }
            for (Stretch work : card.stored().times(on).stretches()) {
                if (work.what() == What.WORK) {
                    work.from().ifPresent(at -> firstIn = least(firstIn, card.minute(on, at)));
                    work.to().ifPresent(at -> lastOut = most(lastOut, card.minute(on, at)));
                }
            }
        }

        private static OptionalLong least(OptionalLong before, long minute) {
            return OptionalLong.of(Math.min(before.orElse(minute), minute));
        }

        private static OptionalLong most(OptionalLong before, long minute) {
            return OptionalLong.of(Math.max(before.orElse(minute), minute));
        }
    }
}
