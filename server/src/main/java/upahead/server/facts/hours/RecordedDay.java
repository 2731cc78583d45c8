package upahead.server.facts.hours;

import java.time.LocalDate;
import upahead.core.quantity.Amount;

/**
 * The hours of one kind that were recorded for somebody on one date.
 *
 * @param source the file they came from, or who typed them
 */
public record RecordedDay(LocalDate on, String kind, Amount hours, String source) {}
