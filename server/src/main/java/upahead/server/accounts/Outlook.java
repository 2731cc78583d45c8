package upahead.server.accounts;

import java.time.LocalDate;

/**
 * Up to when facts are taken as recorded, and how far scheduled work is expected after that.
 *
 * @param today the last day whose figures go by recorded hours alone
 * @param expectedThrough the last day with scheduled work; not after {@code today} where nothing is expected
 */
public record Outlook(LocalDate today, LocalDate expectedThrough) {

    /** Facts as they were recorded, whenever they are dated. */
    public static Outlook recorded() {
        return new Outlook(LocalDate.MAX, LocalDate.MIN);
    }

    /**
     * A forecast: in periods not closed each day with its recorded hours or, where it has none, as scheduled less leave
     * and holidays, also on a day gone by (calculation contract, "Availability and the check of a request").
     */
    public static Outlook ahead(LocalDate today, LocalDate through) {
        return new Outlook(today, through);
    }

    boolean looksAhead() {
        return expectedThrough.isAfter(today);
    }
}
