package upahead.core.earning;

import java.time.LocalDate;
import upahead.core.calendar.DateSpan;

/** The posting of one period's share. What posts at the start of its period is paid ahead. */
record PeriodPosting(LocalDate on, boolean atStartOfDay, DateSpan period, Share share) implements Posting {
    @Override
    public Share share(CountedHours before) {
        return share;
    }

    @Override
    public LocalDate paysThrough() {
        return atStartOfDay ? period.last() : LocalDate.MIN;
    }
}
