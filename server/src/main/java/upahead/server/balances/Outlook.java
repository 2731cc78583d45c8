package upahead.server.balances;

import java.time.LocalDate;

/**
 * Up to when facts are taken as recorded, and how far scheduled work is expected after that.
 *
 * @param recordedThrough the last day whose recorded hours count
 * @param expectedThrough the last day with scheduled work; not after {@code recordedThrough} where nothing is expected
 */
public record Outlook(LocalDate recordedThrough, LocalDate expectedThrough) {

    /** Facts as they were recorded, whenever they are dated. */
    public static Outlook recorded() {
        return new Outlook(LocalDate.MAX, LocalDate.MIN);
    }

    /** Recorded up to today, then as scheduled less leave and holidays. */
    public static Outlook ahead(LocalDate today, LocalDate through) {
        return new Outlook(today, through);
    }

    boolean looksAhead() {
        return expectedThrough.isAfter(recordedThrough);
    }
}
