package upahead.server.ahead;

import java.time.LocalDate;
import upahead.core.quantity.Amount;

/**
 * A day on which approved leave leaves a team with fewer people than are needed.
 *
 * @param scheduled how many are scheduled
 * @param away how many of them have approved leave, parts of the day as parts
 * @param needed how many are needed at least
 */
record ShortDay(long teamId, String team, LocalDate on, int scheduled, Amount away, int needed) {}
