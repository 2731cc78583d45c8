package upahead.core.policy;

import java.time.LocalDate;
import java.util.List;

/**
 * A wait reckoned from the hire date. A wait of N days ends on hire + N days, the first day that counts; months are
 * always reckoned from the hire date itself, so that a hire on the 31st does not drift.
 *
 * @param count whole, at least 0
 * @param in days or months
 */
public record Wait(int count, In in) {

    /** What a wait or a time of use is counted in. */
    public enum In {
        DAYS("day"),
        MONTHS("month");

        private final String one;

        In(String one) {
            this.one = one;
        }

        /** 1 day, 45 days */
        String counted(int count) {
            return count + " " + (count == 1 ? one : one + "s");
        }
    }

    public static final Wait NONE = new Wait(0, In.DAYS);

    /**
     * @throws IllegalArgumentException if the count is below 0
     */
    public Wait {
        if (count < 0) {
            throw new IllegalArgumentException("a wait must be at least 0, not " + count);
        }
    }

    /** 45 days, 1 month */
    public String inWords() {
        return in.counted(count);
    }

    /** When what is waited for begins: 3 months after the hire date, or 89 days after it, from the 90th day of employment on. */
    String endsInWords() {
        String after = inWords() + " after the hire date";
        return in == In.MONTHS ? after : after + ", from the " + ordinal(count + 1) + " day of employment on";
    }

    private static String ordinal(int number) {
        int lastTwo = number % 100;
        boolean th = number % 10 > 3 || number % 10 == 0 || (lastTwo > 10 && lastTwo < 14);
        return number + (th ? "th" : List.of("st", "nd", "rd").get(number % 10 - 1));
    }

    /** The first day after the wait. */
    public LocalDate endsAfter(LocalDate hired) {
        return in == In.DAYS ? hired.plusDays(count) : hired.plusMonths(count);
    }
}
