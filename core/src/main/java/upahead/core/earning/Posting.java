package upahead.core.earning;

import java.time.LocalDate;
import java.util.Optional;
import upahead.core.calendar.DateSpan;

/** Something earned that becomes due on a day. */
public interface Posting {

    /** The date of its ledger line, on which version, benefit year and tenure band are looked up. */
    LocalDate on();

    /** Whether it posts before the day's adjustments and leave rather than after them. */
    boolean atStartOfDay();

    /** What it offers, unrounded and unlimited, after the hours of earlier postings. */
    Share share(CountedHours before);

    /** The hours counted with those of this posting; the same as before for all methods that do not go by hours. */
    default CountedHours counted(CountedHours before) {
        return before;
    }

    /** The benefit year of which it is the grant; nothing for others. A year is granted once. */
    default Optional<DateSpan> grants() {
        return Optional.empty();
    }

    /** The last day that it pays ahead, which no other share pays again; {@link LocalDate#MIN} where it pays none ahead. */
    default LocalDate paysThrough() {
        return LocalDate.MIN;
    }
}
