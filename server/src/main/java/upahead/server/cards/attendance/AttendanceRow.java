package upahead.server.cards.attendance;

import java.util.List;
import upahead.core.quantity.Amount;
import upahead.server.platform.tables.ColumnKind;
import upahead.server.platform.tables.Columns;

/**
 * When somebody was there within some days.
 *
 * @param firstIn the earliest time of the clock at which work began, empty where no times are known
 * @param lastOut the latest at which it ended, after 24:00 on the next day
 * @param worked hours of all kinds
 * @param breaks hours between in and out that were not worked
 * @param capacity hours to be worked by schedule and holidays
 * @param overtime hours of kinds other than regular
 * @param over hours above those to be worked beside leave, counted day by day up to yesterday
 * @param under hours below them
 * @param leave hours of approved leave
 * @param holiday paid hours of holidays
 * @param unfinished days of the card that need a look
 * @param now where they are at this moment, in words; empty where not there
 * @param remarks about the first of the unfinished days, in words; none where there are no hours at all
 */
public record AttendanceRow(
        long personId,
        String code,
        String person,
        String team,
        String firstIn,
        String lastOut,
        Amount worked,
        Amount breaks,
        Amount capacity,
        Amount overtime,
        Amount over,
        Amount under,
        Amount leave,
        Amount holiday,
        Amount unfinished,
        String now,
        List<String> remarks) {

    /** Its columns, on the screen and in files. */
    public static final Columns<AttendanceRow> COLUMNS = Columns.of(AttendanceRow.class)
            .onlyInFiles("code", ColumnKind.TEXT)
            .with("person", "Person", ColumnKind.TEXT)
            .with("team", "Team", ColumnKind.TEXT)
            .with("firstIn", "First in", ColumnKind.TEXT)
            .with("lastOut", "Last out", ColumnKind.TEXT)
            .with("worked", "Worked", ColumnKind.RESULT)
            .with("breaks", "Breaks", ColumnKind.AMOUNT)
            .with("capacity", "To work", ColumnKind.AMOUNT)
            .with("overtime", "Overtime", ColumnKind.AMOUNT)
            .with("over", "Over", ColumnKind.AMOUNT)
            .with("under", "Under", ColumnKind.AMOUNT)
            .with("leave", "Leave", ColumnKind.AMOUNT)
            .with("holiday", "Holiday", ColumnKind.AMOUNT)
            .with("unfinished", "Unfinished", ColumnKind.AMOUNT)
            .with("now", "Now", ColumnKind.TEXT)
            .onlyInFiles("remarks", ColumnKind.WORDS);
}
