package upahead.server.cards.attendance;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import upahead.core.quantity.Amount;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.tables.Condition;

/** A figure of attendance on which a condition can be put. */
public enum AttendanceFigure {
    WORKED(AttendanceRow::worked),
    BREAKS(AttendanceRow::breaks),
    CAPACITY(AttendanceRow::capacity),
    OVERTIME(AttendanceRow::overtime),
    OVER(AttendanceRow::over),
    UNDER(AttendanceRow::under),
    LEAVE(AttendanceRow::leave),
    HOLIDAY(AttendanceRow::holiday),
    UNFINISHED(AttendanceRow::unfinished),
    /** In hours since midnight. */
    FIRST_IN(row -> clock(row.firstIn())),
    /** In hours since midnight, above 24 on the next day. */
    LAST_OUT(row -> clock(row.lastOut()));

    private static final BigDecimal MINUTES = BigDecimal.valueOf(60);
    private static final int DECIMALS = 4;

    private final Function<AttendanceRow, Amount> figure;

    AttendanceFigure(Function<AttendanceRow, Amount> figure) {
        this.figure = figure;
    }

    /**
     * Whether a condition holds for a row; not where the row has no such figure.
     *
     * @throws Refusal if there is no such figure
     */
    static boolean holds(Condition condition, AttendanceRow row) {
        return Arrays.stream(values())
                .filter(each -> each.name().toLowerCase(Locale.ROOT).equals(condition.figure()))
                .findFirst()
                .orElseThrow(() -> Refusal.of("condition", "Attendance has no figure “" + condition.figure() + "”."))
                .of(row)
                .filter(condition::holds)
                .isPresent();
    }

    /** The figure of a row; nothing where it has none. */
    Optional<Amount> of(AttendanceRow row) {
        return Optional.ofNullable(figure.apply(row));
    }

    private static Amount clock(String time) {
        if (time.isEmpty()) {
            return null;
        }
        String[] parts = time.split(":");
        return new Amount(
                new BigDecimal(parts[0]).add(new BigDecimal(parts[1]).divide(MINUTES, DECIMALS, RoundingMode.HALF_UP)));
    }
}
