package upahead.server.cards.attendance;

import java.util.List;
import upahead.core.calendar.DateSpan;
import upahead.server.platform.tables.Condition;

/**
 * Whose attendance is wanted.
 *
 * @param teamId of one team, null for all
 * @param payGroupId of one pay group, null for all
 * @param conditions all of which have to hold
 * @param onlyThere whether only those are wanted who are there at this moment
 */
public record AttendanceQuery(
        DateSpan days, String search, Long teamId, Long payGroupId, List<Condition> conditions, boolean onlyThere) {}
