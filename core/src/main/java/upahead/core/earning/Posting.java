package upahead.core.earning;

import java.time.LocalDate;

/** Something earned that becomes due on a day. */
public interface Posting {

    LocalDate on();

    /** Whether it posts before the day's adjustments and leave rather than after them. */
    boolean atStartOfDay();

    /** What it offers, unrounded and unlimited, after the hours of earlier postings. */
    Share share(CountedHours before);

    /** The hours counted with those of this posting; the same as before for all methods that do not go by hours. */
    default CountedHours counted(CountedHours before) {
        return before;
    }

    /** A posting whose share does not depend on earlier ones. */
    record Settled(LocalDate on, boolean atStartOfDay, Share share) implements Posting {
        @Override
        public Share share(CountedHours before) {
            return share;
        }
    }
}
