package upahead.server.policies;

import java.util.Map;

/** How many people policies have, told by whoever keeps enrolments. */
public interface EnrolledPeople {

    /** How many people are or were enrolled, by the policies' ids; those without anybody are left out. */
    Map<Long, Integer> countByPolicy();
}
