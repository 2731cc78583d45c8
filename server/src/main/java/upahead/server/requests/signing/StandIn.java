package upahead.server.requests.signing;

import java.time.LocalDate;

/**
 * Somebody who signs in the place of another.
 *
 * @param person in whose place
 * @param first the first day
 * @param last the last day, not before the first
 * @param namedBy who said so
 */
public record StandIn(
        long id,
        long personId,
        String person,
        long standInId,
        String standIn,
        LocalDate first,
        LocalDate last,
        String namedBy) {}
