package upahead.server.cards.days;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import upahead.core.cards.BreakRule;
import upahead.core.cards.CardDay;
import upahead.core.cards.CardFault;
import upahead.core.cards.Stretch;
import upahead.core.cards.Stretch.What;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;
import upahead.server.cards.days.CardRemark.Kind;
import upahead.server.platform.words.Words;

/** Says in words what is wrong with a day, or looks wrong. */
public final class CardChecks {

    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm");

    private CardChecks() {}

    /**
     * What must be mended before the times of a day count; nothing for a day without times.
     *
     * @param before the day before, whose work can reach into this one
     */
    public static List<CardRemark> mustBeMended(WorkingLife life, LocalDate on, CardDay day, CardDay before) {
        List<CardRemark> remarks = new ArrayList<>();
        ZoneId zone = life.zone(on);
        for (CardFault fault : day.faults()) {
            remarks.add(new CardRemark(
                    Kind.valueOf(fault.kind().name()),
                    words(fault.kind(), day.stretches().get(fault.at()), zone)));
        }
        if (reachesInto(before, day)) {
            remarks.add(new CardRemark(Kind.OVERLAPS, "Begins before the work of the day before has ended."));
        }
        if (!day.stretches().isEmpty() && !life.isEmployedOn(on)) {
            remarks.add(new CardRemark(Kind.NOT_EMPLOYED, "Not employed on this day: the work counts for nothing."));
        }
        return remarks;
    }

    /**
     * What can be right although it looks wrong.
     *
     * @param leave hours of approved leave on the day
     */
    public static List<CardRemark> canBeRight(
            WorkingLife life, LocalDate on, CardDay day, Amount worked, Amount leave) {
        List<CardRemark> remarks = new ArrayList<>();
        boolean wholeDay = leave.isPositive() && !life.capacity(on).isMoreThan(leave);
        if (worked.isPositive() && wholeDay) {
            remarks.add(new CardRemark(
                    Kind.ON_LEAVE,
                    Words.amount(worked, Unit.HOURS) + " worked on a day with " + Words.amount(leave, Unit.HOURS)
                            + " of leave."));
        }
        BreakRule rule = life.rules(on).breakRule();
        if (rule != null && !rule.isKeptBy(day)) {
            remarks.add(new CardRemark(
                    Kind.NO_BREAK,
                    "More than " + Words.amount(rule.after(), Unit.HOURS) + " of work need a break of "
                            + rule.minutes() + " minutes; there are "
                            + day.rested().toMinutes() + "."));
        }
        return remarks;
    }

    private static boolean reachesInto(CardDay before, CardDay day) {
        return day.stretches().stream()
                .filter(each -> each.what() == What.WORK)
                .anyMatch(work -> before.stretches().stream()
                        .filter(each -> each.what() == What.WORK)
                        .anyMatch(earlier -> !earlier.shared(work).isZero()));
    }

    private static String words(CardFault.Kind fault, Stretch stretch, ZoneId zone) {
        String what = stretch.what() == What.BREAK ? "The break" : "The work";
        String from = clock(stretch.from().orElse(null), zone);
        String to = clock(stretch.to().orElse(null), zone);
        return switch (fault) {
            case NO_BEGIN -> what + " until " + to + " has no begin.";
            case NO_END -> what + " from " + from + " has no end.";
            case ENDS_TOO_EARLY -> what + " from " + from + " lasts no time.";
            case OVERLAPS -> what + " from " + from + " begins before the one before it has ended.";
            case TOO_LONG -> "From " + from + " to " + to + " are more than 16 hours.";
            case MORE_THAN_A_DAY -> "That makes more than 24 hours on one day.";
            case BREAK_OUTSIDE_WORK -> "The break from " + from + " to " + to + " is not within the work.";
            case BREAK_TOO_LONG -> "The break from " + from + " is as long as the work around it.";
        };
    }

    private static String clock(Instant moment, ZoneId zone) {
        return moment == null ? "" : CLOCK.format(moment.atZone(zone));
    }
}
