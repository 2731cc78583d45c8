package upahead.server.payruns.delivery;

import java.util.List;

/**
 * What was delivered to payroll of a run.
 *
 * @param deliveries the oldest first
 * @param refused what payroll has refused, what is not settled first
 * @param toDeliver whether the newest close has still to be delivered
 */
public record RunDelivery(List<Delivery> deliveries, List<RefusedRow> refused, boolean toDeliver) {}
