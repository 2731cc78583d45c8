package upahead.server.payruns;

/**
 * A line that payroll got, as it is stored.
 *
 * @param id by which it is known to payroll
 */
public record PayrollLine(long id, HandedOver line) {}
