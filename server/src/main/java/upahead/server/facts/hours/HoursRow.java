package upahead.server.facts.hours;

import java.time.LocalDate;
import upahead.core.quantity.Amount;

/** Hours of one person on one date, of one kind. */
public record HoursRow(long personId, LocalDate on, String kind, Amount hours) {}
