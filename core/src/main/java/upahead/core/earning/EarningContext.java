package upahead.core.earning;

import java.time.LocalDate;
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

    boolean isPausedOn(LocalDate day);

    PayCalendar payCalendar();

    DateSpan benefitYearOf(LocalDate day);

    /** The figure that counts on a day: that of the tenure band reached, else the given one. */
    Amount figureOn(LocalDate day, Amount basic);

    /** The full-time equivalent that scales what is earned on a day; 1 where the policy does not scale. */
    Amount fteOn(LocalDate day);

    /**
     * The hours within some days that count towards earning: work of the counted kinds and, where the method says so,
     * paid leave and paid holidays. Hours before earning began or before the opening balance are left out.
     */
    Amount countedHours(DateSpan days, PerHoursWorked method);
}
