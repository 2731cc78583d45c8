package upahead.server.reports;

import java.time.LocalDate;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import upahead.core.calendar.DateSpan;
import upahead.server.platform.rights.Permission;
import upahead.server.platform.tables.Columns;

/**
 * A table that answers one question about some days. It declares its columns once, for the screen and for every file.
 *
 * @param <R> its rows
 */
interface Report<R extends Record> {

    /**
     * What it is.
     *
     * @param name by which it is called in addresses and files: small letters and hyphens
     * @param says what it tells, in one sentence
     */
    record About(String name, String title, String says) {}

    About about();

    /** What whoever reads or gets it must be allowed to, besides reading reports. */
    default Permission needs() {
        return Permission.READ_REPORTS;
    }

    /** The days about which it is usually asked. */
    DateSpan usualDays(LocalDate today);

    /** Whether it is about the last of the days alone. */
    default boolean isOfOneDay() {
        return false;
    }

    Columns<R> columns();

    /** Gives its rows to whoever takes them, one after the other and those of one person together. */
    void rows(ReportQuestion question, Consumer<R> rows);

    /** What the sheet of a row is called in a workbook with one sheet a person; nothing where rows are not of people. */
    default Optional<Function<R, String>> person() {
        return Optional.empty();
    }
}
