package upahead.server.rates;

import jakarta.annotation.Nullable;
import java.time.LocalDate;
import upahead.core.quantity.Amount;
import upahead.core.value.PayRate;
import upahead.server.employment.Person;
import upahead.server.platform.tables.ColumnKind;
import upahead.server.platform.tables.Columns;

/**
 * Somebody and the rate that holds on a day.
 *
 * @param amount null where there is none, as are its stretch and its first day
 */
public record RateRow(
        long personId,
        String code,
        String person,
        String team,
        @Nullable Amount amount,
        @Nullable PayRate.Per per,
        @Nullable LocalDate from) {

    /** Its columns, under headings by which such a file is read again. */
    static final Columns<RateRow> COLUMNS = Columns.of(RateRow.class)
            .with("code", "Code", ColumnKind.TEXT)
            .with("person", "Name", ColumnKind.TEXT)
            .with("team", "Team", ColumnKind.TEXT)
            .with("amount", "Rate", ColumnKind.AMOUNT)
            .with("per", "Per", ColumnKind.TEXT)
            .with("from", "From", ColumnKind.DATE);

    static RateRow of(Person person, @Nullable PersonRate rate) {
        return new RateRow(
                person.id(),
                person.code(),
                person.name(),
                person.team(),
                rate == null ? null : rate.amount(),
                rate == null ? null : rate.per(),
                rate == null ? null : rate.from());
    }
}
