package upahead.server.cards;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import upahead.core.calendar.DateSpan;
import upahead.core.cards.Stretch;
import upahead.core.quantity.Amount;
import upahead.server.cards.CardView.CardBar;
import upahead.server.cards.CardView.CardDayView;
import upahead.server.cards.CardView.CardHours;
import upahead.server.cards.CardView.CardLeave;
import upahead.server.cards.CardView.CardRemarkView;
import upahead.server.cards.CardView.CardTotals;
import upahead.server.cards.days.AcceptanceStore.Acceptance;
import upahead.server.cards.days.TimedDay;
import upahead.server.employment.DayTimes;
import upahead.server.employment.Person;
import upahead.server.employment.WorkingTimes;
import upahead.server.facts.hours.HolidayHours;
import upahead.server.facts.hours.HolidayHours.PaidHoliday;
import upahead.server.facts.hours.RecordedDay;
import upahead.server.platform.clock.MovableClock;
import upahead.server.requests.leave.LeaveOnDay;

/** A card for the eye, day by day. */
@Component
class CardViews {

    private final FilledCards cards;
    private final WorkingTimes times;
    private final HolidayHours holidayHours;
    private final MovableClock clock;

    CardViews(FilledCards cards, WorkingTimes times, HolidayHours holidayHours, MovableClock clock) {
        this.cards = cards;
        this.times = times;
        this.holidayHours = holidayHours;
        this.clock = clock;
    }

    FilledCard card(Person person, DateSpan span) {
        return cards.of(List.of(person.id()), span).get(person.id());
    }

    List<CardDayView> days(Person person, FilledCard card, DateSpan span) {
        Map<LocalDate, DayTimes> scheduled = times.of(person.id(), span.dates().toList());
        Map<LocalDate, Amount> paid = paidHolidays(person, span);
        return span.dates()
                .map(on -> day(card, on, scheduled.get(on), paid.getOrDefault(on, Amount.ZERO)))
                .toList();
    }

    private Map<LocalDate, Amount> paidHolidays(Person person, DateSpan span) {
        return holidayHours.of(List.of(person), span).getOrDefault(person.id(), List.of()).stream()
                .collect(Collectors.toMap(PaidHoliday::on, PaidHoliday::hours, Amount::plus));
    }

    private static CardDayView day(FilledCard card, LocalDate on, DayTimes scheduled, Amount paidHoliday) {
        Amount capacity = card.life().capacity(on);
        boolean employed = card.life().isEmployedOn(on);
        boolean isWhole = capacity.equals(card.life().scheduled(on))
                && card.leaveHours(on).isZero();
        Optional<TimedDay> timed = Optional.ofNullable(card.stored().timed().get(on));
        List<RecordedDay> recorded = card.stored().recorded().getOrDefault(on, List.of());
        return new CardDayView(
                on,
                card.stored().line(on),
                ScheduleOnCard.line(scheduled, card.expected(on), isWhole),
                card.life().scheduled(on),
                capacity,
                card.life()
                        .holiday(on)
                        .map(holiday -> holiday.name() + (holiday.half() ? ", half the day" : ""))
                        .orElse(null),
                employed && card.life().scheduled(on).isPositive() ? ScheduleOnCard.bars(scheduled) : List.of(),
                bars(card, on),
                hours(recorded),
                card.worked(on),
                paidHoliday,
                card.leave().stream()
                        .filter(each -> each.on().equals(on))
                        .map(CardViews::leave)
                        .toList(),
                card.remarks(on).stream()
                        .map(remark -> {
                            Optional<Acceptance> said = card.acceptance(on, remark.kind());
                            return new CardRemarkView(
                                    remark.kind(),
                                    remark.message(),
                                    remark.kind().mustBeMended(),
                                    said.map(Acceptance::note).orElse(null),
                                    said.map(Acceptance::actor).orElse(null));
                        })
                        .toList(),
                employed,
                timed.map(TimedDay::source)
                        .or(() -> recorded.stream().map(RecordedDay::source).findFirst())
                        .orElse(null),
                timed.map(TimedDay::changedBy).orElse(null),
                timed.map(TimedDay::changedAt).orElse(null));
    }

    private static List<CardBar> bars(FilledCard card, LocalDate on) {
        List<CardBar> bars = new ArrayList<>();
        for (Stretch stretch : card.stored().times(on).stretches()) {
            bars.add(new CardBar(
                    stretch.what().name(),
                    stretch.from().map(at -> card.minute(on, at)).orElse(null),
                    stretch.to().map(at -> card.minute(on, at)).orElse(null)));
        }
        return bars;
    }

    private static List<CardHours> hours(List<RecordedDay> recorded) {
        return recorded.stream()
                .map(each -> new CardHours(each.kind(), each.hours()))
                .toList();
    }

    private static CardLeave leave(LeaveOnDay leave) {
        return new CardLeave(
                leave.requestId(),
                leave.policy(),
                leave.hours(),
                leave.between() == null
                        ? null
                        : new CardBar(
                                "LEAVE",
                                ScheduleOnCard.minute(leave.between().from()),
                                ScheduleOnCard.minute(leave.between().from())
                                        + leave.between().minutes()),
                leave.approved());
    }

    CardTotals totals(FilledCard card, List<CardDayView> days, DateSpan span) {
        Map<String, Amount> kinds = new TreeMap<>();
        Amount over = Amount.ZERO;
        Amount under = Amount.ZERO;
        for (CardDayView day : days) {
            day.hours().forEach(each -> kinds.merge(each.kind(), each.hours(), Amount::plus));
            if (day.on().isBefore(clock.today())) {
                Amount difference = day.worked().minus(card.expected(day.on()));
                over = over.plus(difference.floorAtZero());
                under = under.plus(difference.negated().floorAtZero());
            }
        }
        return new CardTotals(
                Amount.sum(days.stream().map(CardDayView::scheduled).toList()),
                Amount.sum(days.stream().map(CardDayView::capacity).toList()),
                Amount.sum(days.stream().map(CardDayView::worked).toList()),
                kinds.entrySet().stream()
                        .map(each -> new CardHours(each.getKey(), each.getValue()))
                        .toList(),
                Amount.sum(days.stream().map(day -> card.leaveHours(day.on())).toList()),
                Amount.sum(days.stream().map(CardDayView::holidayHours).toList()),
                over,
                under,
                card.unfinished(span).size());
    }
}
