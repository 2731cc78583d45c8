package upahead.server.periods;

import java.util.Set;

/** The pay groups in which people are or were, told by whoever keeps where they work. */
public interface PayGroupsOfPeople {

    /** The ids of all pay groups in which somebody ever is or was. */
    Set<Long> payGroupsOf(long personId);
}
