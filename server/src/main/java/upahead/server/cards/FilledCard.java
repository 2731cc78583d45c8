package upahead.server.cards;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import upahead.core.calendar.DateSpan;
import upahead.core.cards.CardDay;
import upahead.core.quantity.Amount;
import upahead.server.cards.days.AcceptanceStore.Acceptance;
import upahead.server.cards.days.CardChecks;
import upahead.server.cards.days.CardRemark;
import upahead.server.cards.days.CardRemark.Kind;
import upahead.server.cards.days.StoredCards.StoredCard;
import upahead.server.cards.days.WorkingLife;
import upahead.server.requests.leave.LeaveOnDay;

/**
 * Somebody's card with the leave that stands on it.
 *
 * @param leave in order of time
 * @param accepted the remarks that were said to be right, by date and kind
 * @param today the day that is not over yet
 */
public record FilledCard(
        StoredCard stored, List<LeaveOnDay> leave, Map<LocalDate, Map<Kind, Acceptance>> accepted, LocalDate today) {

    public WorkingLife life() {
        return stored.life();
    }

    /** Who says that something about a day is right, if anybody does. */
    Optional<Acceptance> acceptance(LocalDate on, Kind what) {
        return Optional.ofNullable(accepted.getOrDefault(on, Map.of()).get(what));
    }

    /** The minutes from the midnight with which a day begins to a moment, by the clock; above 1440 on the next day. */
    public int minute(LocalDate on, Instant at) {
        return (int) ChronoUnit.MINUTES.between(
                on.atStartOfDay(), at.atZone(life().zone(on)).toLocalDateTime());
    }

    /** The hours of approved leave on a day. */
    public Amount leaveHours(LocalDate on) {
        return Amount.sum(leave.stream()
                .filter(each -> each.approved() && each.on().equals(on))
                .map(LeaveOnDay::hours)
                .toList());
    }

    /** The hours worked on a day, of whatever kind, as they count. */
    public Amount worked(LocalDate on) {
        return Amount.sum(stored.hours(on).values());
    }

    /** The hours that were to be worked: those of the day without its leave. */
    public Amount expected(LocalDate on) {
        return life().capacity(on).minus(leaveHours(on)).floorAtZero();
    }

    public Duration rested(LocalDate on) {
        return stored.times(on).rested();
    }

    /** Everything about a day that needs a look, whether it was accepted or not. */
    public List<CardRemark> remarks(LocalDate on) {
        CardDay times = stored.times(on);
        List<CardRemark> remarks = new ArrayList<>(stored.mustBeMended(on));
        Amount leaveHours = leaveHours(on);
        if (remarks.isEmpty()) {
            remarks.addAll(CardChecks.canBeRight(life(), on, times, worked(on), leaveHours));
        }
        boolean nothing = times.stretches().isEmpty() && stored.hours(on).isEmpty() && leaveHours.isZero();
        if (nothing && on.isBefore(today) && life().capacity(on).isPositive() && life().needsHours(on)) {
            remarks.add(new CardRemark(Kind.NOTHING_THERE, "Scheduled, and nothing stands here."));
        }
        return remarks;
    }

    /** A day as long as somebody has to do something about it. */
    public Optional<UnfinishedDay> unfinished(LocalDate on) {
        List<CardRemark> open = remarks(on).stream()
                .filter(remark -> acceptance(on, remark.kind()).isEmpty())
                .toList();
        return open.isEmpty() ? Optional.empty() : Optional.of(new UnfinishedDay(on, open));
    }

    public List<UnfinishedDay> unfinished(DateSpan span) {
        return span.dates().flatMap(on -> unfinished(on).stream()).toList();
    }
}
