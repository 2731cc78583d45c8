package upahead.server.cards;

import jakarta.annotation.Nullable;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import upahead.core.quantity.Amount;
import upahead.server.cards.days.CardRemark;
import upahead.server.cards.days.ConfirmationStore.Part;

/**
 * Somebody's time card of a pay period.
 *
 * @param zone by whose clock its times are shown
 * @param closedThrough up to which day the group's runs are closed, null where none is
 * @param maySetTimes whether whoever looks may change it, on closed days with a reason or not at all
 * @param mayChangeClosed whether whoever looks may change closed days
 * @param confirmations those that the pay group asks for
 */
record CardView(
        long personId,
        String code,
        String person,
        String team,
        String payGroup,
        String zone,
        LocalDate first,
        LocalDate last,
        @Nullable LocalDate closedThrough,
        boolean maySetTimes,
        boolean mayChangeClosed,
        List<CardDayView> days,
        CardTotals totals,
        List<CardConfirmationView> confirmations) {

    /**
     * One day.
     *
     * @param line as it is typed: times, or hours without times
     * @param scheduledLine what would be typed if it were worked as scheduled; empty where nothing is to be worked
     * @param scheduled the hours of the schedule
     * @param capacity the hours to be worked, without holidays
     * @param holiday its name, null on any other day
     * @param scheduledBars from when to when work is scheduled, where that is known
     * @param bars what was worked, and the breaks in it
     * @param source where it came from, null where nothing stands there
     * @param changedBy null where nothing stands there or a file brought hours
     * @param changedAt null as {@code changedBy}
     */
    record CardDayView(
            LocalDate on,
            String line,
            String scheduledLine,
            Amount scheduled,
            Amount capacity,
            @Nullable String holiday,
            List<CardBar> scheduledBars,
            List<CardBar> bars,
            List<CardHours> hours,
            Amount worked,
            Amount holidayHours,
            List<CardLeave> leave,
            List<CardRemarkView> remarks,
            boolean employed,
            @Nullable String source,
            @Nullable String changedBy,
            @Nullable LocalDateTime changedAt) {}

    /**
     * A stretch of time.
     *
     * @param from minutes from the day's midnight, by the clock; null where the begin is missing
     * @param to above 1440 on the next day; null where the end is missing
     */
    record CardBar(String what, @Nullable Integer from, @Nullable Integer to) {}

    /** Hours of a kind. */
    record CardHours(String kind, Amount hours) {}

    /** Leave on a day, approved or waiting. */
    record CardLeave(long requestId, String policy, Amount hours, @Nullable CardBar between, boolean approved) {}

    /**
     * Something that needs a look.
     *
     * @param acceptedNote why it is right as it is, null while nobody said so
     */
    record CardRemarkView(
            CardRemark.Kind kind,
            String message,
            boolean mustBeMended,
            @Nullable String acceptedNote,
            @Nullable String acceptedBy) {}

    /** The sums of the period; what is over and under is counted day by day, up to today. */
    record CardTotals(
            Amount scheduled,
            Amount capacity,
            Amount worked,
            List<CardHours> hours,
            Amount leave,
            Amount holiday,
            Amount over,
            Amount under,
            int unfinished) {}

    /**
     * Whether one of the two has said that the card is right.
     *
     * @param by who did, null while nobody has
     * @param mayConfirm whether whoever looks may
     */
    record CardConfirmationView(Part part, @Nullable String by, @Nullable LocalDateTime at, boolean mayConfirm) {}
}
