package upahead.server.payruns.delivery;

import jakarta.annotation.Nullable;
import java.time.LocalDate;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;

/**
 * A row that payroll has refused, with what it says.
 *
 * @param code as it is sent now
 * @param beingDelivered whether it is on its way again
 * @param settled null until it is settled
 */
public record RefusedRow(
        long lineId,
        String person,
        String code,
        String what,
        Amount amount,
        Unit unit,
        LocalDate from,
        LocalDate to,
        String reason,
        boolean beingDelivered,
        @Nullable RefusedLine.Settled settled) {}
