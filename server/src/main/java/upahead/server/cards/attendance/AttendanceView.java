package upahead.server.cards.attendance;

import java.util.List;
import upahead.core.quantity.Amount;
import upahead.server.platform.tables.ColumnView;

/**
 * A page of attendance.
 *
 * @param total how many people match
 * @param there how many of them are there at this moment
 * @param withUnfinished how many of them have unfinished days
 * @param sums over all who match, as a row
 */
record AttendanceView(
        List<ColumnView> columns,
        List<AttendanceRow> items,
        int total,
        int there,
        int withUnfinished,
        AttendanceSums sums) {

    /** The sums of the figures, by the keys of their columns. */
    record AttendanceSums(
            Amount worked,
            Amount breaks,
            Amount capacity,
            Amount overtime,
            Amount over,
            Amount under,
            Amount leave,
            Amount holiday,
            Amount unfinished) {

        static AttendanceSums of(List<AttendanceRow> rows) {
            return new AttendanceSums(
                    Amount.sum(rows.stream().map(AttendanceRow::worked).toList()),
                    Amount.sum(rows.stream().map(AttendanceRow::breaks).toList()),
                    Amount.sum(rows.stream().map(AttendanceRow::capacity).toList()),
                    Amount.sum(rows.stream().map(AttendanceRow::overtime).toList()),
                    Amount.sum(rows.stream().map(AttendanceRow::over).toList()),
                    Amount.sum(rows.stream().map(AttendanceRow::under).toList()),
                    Amount.sum(rows.stream().map(AttendanceRow::leave).toList()),
                    Amount.sum(rows.stream().map(AttendanceRow::holiday).toList()),
                    Amount.sum(rows.stream().map(AttendanceRow::unfinished).toList()));
        }
    }
}
