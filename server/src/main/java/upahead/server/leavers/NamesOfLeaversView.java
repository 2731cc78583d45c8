package upahead.server.leavers;

import jakarta.annotation.Nullable;
import java.util.List;

/**
 * How long names of those who left stay.
 *
 * @param months after the last day, null for ever
 * @param next who left and has a name, at most 200, whoever left first before the others
 * @param nameless how many have no name any more
 */
record NamesOfLeaversView(@Nullable Integer months, List<NameOfLeaver> next, int nameless) {}
