package upahead.core.earning;

import java.time.LocalDate;
import java.util.List;
import upahead.core.calendar.DateSpan;
import upahead.core.calendar.PayCalendar;
import upahead.core.quantity.Amount;

/** What an earning method may know of one person under one policy version. */
public interface EarningContext {

    /** The days whose postings are asked for; on all of them the same policy version is in force. */
    DateSpan days();

    /** The hire date, from which months and anniversaries are reckoned. */
    LocalDate hired();

    /** The first day on which the person earns, wait and enrolment minded. */
    LocalDate earningBegins();

    /** The last day on which the person earns; {@link LocalDate#MAX} while no end is set. */
    LocalDate earningEnds();

    /** The stretches of some days that lie in no pause, in order of time. */
    List<DateSpan> withoutPauses(DateSpan days);

    /** The pay periods of the person, without end in both directions. */
    PayCalendar payCalendar();

    /** The whole benefit year that contains a day, also one before the hire date. */
    DateSpan benefitYearOf(LocalDate day);

    /** The amount that counts on a day: that of the tenure band reached, else the given one. */
    Amount amountOn(LocalDate day, Amount basic);

    /** What scales the amount of a grant on a day. */
    Scale scaleOn(LocalDate day);

    /** What scales a share, averaged over the days of some stretches, of which there is at least one. */
    Scale averageScale(List<DateSpan> stretches);

    /**
     * The days in whose periods of earning nothing else holds: from the version on that brought these periods up to the
     * day before one that brings others. A period that reaches beyond them brings the part that lies within.
     */
    DateSpan samePeriods();

    /** The last day for which a share was posted already by earlier versions; {@link LocalDate#MIN} where none was. */
    LocalDate paidThrough();

    /**
     * The hours within some days that count towards earning: work of the counted kinds and, where the method says so,
     * paid leave and paid holidays. Hours before earning began or before the opening balance are left out.
     */
    Amount countedHours(DateSpan days, PerHoursWorked method);
}
