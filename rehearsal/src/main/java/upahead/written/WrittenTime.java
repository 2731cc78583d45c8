package upahead.written;

import jakarta.annotation.Nullable;
import upahead.core.policy.Usability;
import upahead.core.policy.Wait;

/** A number of days or of months: exactly one of them is given. */
public record WrittenTime(@Nullable Integer days, @Nullable Integer months) {

    /** Days or months by their name. */
    public static WrittenTime of(int count, Wait.In in) {
        return in == Wait.In.DAYS ? new WrittenTime(count, null) : new WrittenTime(null, count);
    }

    /**
     * @throws RefusedTerms if not exactly one is given
     * @throws IllegalArgumentException if it is below 0
     */
    public Wait toWait() {
        return new Wait(count(), in());
    }

    /**
     * @throws RefusedTerms if not exactly one is given
     * @throws IllegalArgumentException if it is below 1
     */
    public Usability.For toUsability() {
        return new Usability.For(count(), in());
    }

    private int count() {
        if ((days == null) == (months == null)) {
            throw RefusedTerms.at("", "needs exactly one of days, months");
        }
        return days == null ? months : days;
    }

    private Wait.In in() {
        return days == null ? Wait.In.MONTHS : Wait.In.DAYS;
    }
}
