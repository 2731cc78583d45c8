package upahead.core.ledger;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.time.Month;
import java.time.format.TextStyle;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import upahead.core.calendar.DateSpan;
import upahead.core.earning.Basis;
import upahead.core.earning.Basis.Counted;
import upahead.core.earning.Scaling;
import upahead.core.policy.Limit;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Fraction;

/** Says in one plain sentence, with its arithmetic, why a ledger line is there. */
public final class PlainWords {

    private static final List<String> MONTHS = Arrays.stream(Month.values())
            .map(month -> month.getDisplayName(TextStyle.SHORT, Locale.ENGLISH))
            .toList();

    private PlainWords() {}

    public static String why(LedgerLine line) {
        Reason reason = line.reason();
        if (reason instanceof Reason.Earned earned) {
            return basis(earned.basis()) + ": " + earned.offered() + room(line, earned.room());
        }
        if (reason instanceof Reason.Opened opened) {
            return "Opening balance, with " + opened.opening().earnedThisYear() + " already earned and "
                    + opened.opening().usedThisYear() + " already used this benefit year";
        }
        if (reason instanceof Reason.Adjusted adjusted) {
            return "Adjusted: " + adjusted.reason();
        }
        if (reason instanceof Reason.NotUsedInTime unused) {
            return "Credited on " + day(unused.credited()) + " and usable until " + day(unused.lastUsable());
        }
        if (reason instanceof Reason.NotCarriedOver excess) {
            return excess.carried().isZero()
                    ? "Nothing is carried over at the year's end; " + excess.held() + " were held"
                    : "Up to " + excess.carried() + " are carried over at the year's end; " + excess.held()
                            + " were held";
        }
        if (reason instanceof Reason.LeftOnLeaving) {
            return "What was left on the last day of employment";
        }
        if (reason instanceof Reason.EnrolmentEnded) {
            return "What was left when the enrolment ended";
        }
        if (reason instanceof Reason.MovedToAnotherPolicy) {
            return "Moved to another policy when the enrolment ended";
        }
        return "Leave taken";
    }

    private static String basis(Basis basis) {
        if (basis instanceof Basis.HoursWorked worked) {
            return worked.hours() + " hours counted in " + span(worked.days()) + ", " + worked.earn()
                    + " for every " + worked.forEvery() + (worked.wholeStepsOnly() ? " whole hours" : "")
                    + (worked.wholeStepsOnly() && worked.before().isPositive()
                            ? " (" + worked.before() + " before them)"
                            : "");
        }
        if (basis instanceof Basis.PeriodShare share) {
            return "For " + span(share.period()) + ", " + share.amount()
                    + (share.periods() == 1 ? "" : " a year over " + share.periods() + " periods")
                    + scaled(share.scale())
                    + (share.portion().isWhole()
                            ? ""
                            : ", for " + share.portion().part() + " of "
                                    + share.portion().whole() + " days");
        }
        Basis.Grant grant = (Basis.Grant) basis;
        return "Granted for the benefit year " + span(grant.year()) + ", " + grant.amount() + scaled(grant.scale())
                + portion(grant);
    }

    private static String portion(Basis.Grant grant) {
        return grant.counted() == Counted.DAYS || grant.counted() == Counted.MONTHS
                ? " for " + grant.portion().part() + " of " + grant.portion().whole()
                        + (grant.counted() == Counted.DAYS ? " days" : " months")
                : "";
    }

    private static String scaled(Basis.Scale scale) {
        if (scale.factor().equals(Fraction.ONE)) {
            return "";
        }
        return scale.by() instanceof Scaling.ByDaysOfWeek week
                ? " at " + decimal(scale.factor().times(Fraction.of(week.fullWeek(), 1))) + " of " + week.fullWeek()
                        + " days a week"
                : " at " + decimal(scale.factor()) + " FTE";
    }

    private static String room(LedgerLine line, Optional<Reason.Room> room) {
        return room.filter(unused -> line.withheld().isPositive())
                .map(left ->
                        "; room under the " + (left.limit() == Limit.BALANCE ? "balance limit" : "yearly earning limit")
                                + " of " + left.figure() + ": " + left.amount() + "; withheld " + line.withheld())
                .orElse("");
    }

    private static String span(DateSpan span) {
        if (span.first().equals(span.last())) {
            return day(span.first());
        }
        return (span.first().getYear() == span.last().getYear() ? dayOfYear(span.first()) : day(span.first())) + " to "
                + day(span.last());
    }

    private static String day(LocalDate day) {
        return dayOfYear(day) + " " + day.getYear();
    }

    /** Put together by hand: a close says it of every line. */
    private static String dayOfYear(LocalDate day) {
        return day.getDayOfMonth() + " " + MONTHS.get(day.getMonthValue() - 1);
    }

    private static String decimal(Fraction fraction) {
        return new Amount(new BigDecimal(fraction.numerator())
                        .divide(new BigDecimal(fraction.denominator()), 4, RoundingMode.HALF_UP))
                .toString();
    }
}
