package upahead.server.yearend;

import jakarta.annotation.Nullable;
import java.time.LocalDate;
import upahead.core.ledger.YearTurn;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;
import upahead.core.value.HourlyRate;
import upahead.server.platform.tables.ColumnKind;
import upahead.server.platform.tables.Columns;

/**
 * What a year's end does to somebody, or did, and what was expected of it.
 *
 * @param on the first day of the new benefit year
 * @param held at the end of the day before; null where somebody was expected who has no year's end any more, as are the
 *     other figures
 * @param lost with what was not used in time
 * @param ownCarry the most that is carried over by an exception, null where none holds
 * @param exceptionId of that exception, null where none holds or it is not for this year's end alone
 * @param carriedWorth in money, null without a pay rate or the right to see one; likewise the others
 * @param provisional whether it has happened, and hours may still come since the period before it is not closed
 * @param state how it is with what was expected
 * @param says the difference to what was expected, empty where there is none
 */
record YearEndRow(
        long personId,
        String code,
        String person,
        long teamId,
        String team,
        Unit unit,
        LocalDate on,
        @Nullable Amount held,
        @Nullable Amount carried,
        @Nullable Amount lost,
        @Nullable Amount paidOut,
        @Nullable Amount ownCarry,
        @Nullable Long exceptionId,
        @Nullable Amount carriedWorth,
        @Nullable Amount lostWorth,
        @Nullable Amount paidOutWorth,
        boolean provisional,
        State state,
        String says) {

    /** How it is with what was expected. */
    enum State {
        /** It is ahead; nothing was kept yet, or nothing has changed since. */
        AHEAD,
        /** It is ahead, and another outcome than kept is to be expected now. */
        CHANGED,
        /** It has happened as was expected. */
        MATCHED,
        /** It has happened otherwise. */
        DIFFERS,
        /** It has happened, and nobody had looked at it. */
        UNSEEN
    }

    /** Its columns in files. */
    static final Columns<YearEndRow> COLUMNS = Columns.of(YearEndRow.class)
            .with("code", "Code", ColumnKind.TEXT)
            .with("person", "Person", ColumnKind.TEXT)
            .with("team", "Team", ColumnKind.TEXT)
            .with("on", "New year begins", ColumnKind.DATE)
            .with("unit", "Unit", ColumnKind.UNIT)
            .with("held", "Held the day before", ColumnKind.AMOUNT)
            .with("carried", "Carried over", ColumnKind.AMOUNT)
            .with("lost", "Lost", ColumnKind.AMOUNT)
            .with("paidOut", "Paid out", ColumnKind.AMOUNT)
            .with("ownCarry", "May carry by exception", ColumnKind.AMOUNT)
            .with("carriedWorth", "Carried in money", ColumnKind.AMOUNT)
            .with("lostWorth", "Lost in money", ColumnKind.AMOUNT)
            .with("paidOutWorth", "Paid out in money", ColumnKind.AMOUNT)
            .with("says", "Otherwise than reviewed", ColumnKind.TEXT);

    static YearEndRow of(Turn turn, boolean provisional, State state, String says) {
        YearTurn figures = turn.figures();
        Amount lost = figures.lost().plus(figures.unused());
        return new YearEndRow(
                turn.personId(),
                turn.account().person().code(),
                turn.account().person().name(),
                turn.account().person().teamId(),
                turn.account().person().team(),
                turn.account().policy().unit(),
                turn.on(),
                figures.held(),
                figures.carried(),
                lost,
                figures.paidOut(),
                turn.exception() == null ? null : turn.exception().figures().carry(),
                turn.hasExceptionOfItsOwn() ? turn.exception().id() : null,
                worth(turn, figures.carried()),
                worth(turn, lost),
                worth(turn, figures.paidOut()),
                provisional,
                state,
                says);
    }

    private static Amount worth(Turn turn, Amount amount) {
        HourlyRate rate = turn.rate();
        return rate == null ? null : rate.worth(amount, turn.account().policy().unit());
    }
}
