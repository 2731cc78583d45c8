package upahead.server.payruns.delivery;

import java.time.LocalDate;
import java.util.List;
import upahead.core.quantity.Amount;

/**
 * Rows for payroll.
 *
 * @param message by which the answer is known to be about it
 * @param payGroup whose run it is of
 */
public record PayrollMessage(String message, String payGroup, List<Row> rows) {

    /**
     * One row.
     *
     * @param row by which payroll knows it if it comes again
     * @param amount exact and signed
     */
    public record Row(
            String row,
            String person,
            String name,
            String code,
            String what,
            Amount amount,
            String unit,
            LocalDate from,
            LocalDate to,
            String entry) {}
}
