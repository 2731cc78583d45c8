package upahead.core.earning;

import java.time.LocalDate;
import upahead.core.quantity.Amount;

/** Something earned that becomes due on a day. */
public interface Posting {

    LocalDate on();

    /** Whether it posts before the day's adjustments and leave rather than after them. */
    boolean atStartOfDay();

    /** The counted hours it brings; zero for all methods that do not go by hours. */
    default Amount hours() {
        return Amount.ZERO;
    }

    /**
     * What it offers, unrounded and unlimited.
     *
     * @param hoursBefore all counted hours of earlier postings
     */
    Share share(Amount hoursBefore);

    /** A posting whose share does not depend on earlier ones. */
    record Settled(LocalDate on, boolean atStartOfDay, Share share) implements Posting {
        @Override
        public Share share(Amount hoursBefore) {
            return share;
        }
    }
}
