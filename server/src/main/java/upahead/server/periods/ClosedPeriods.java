package upahead.server.periods;

import java.time.LocalDate;
import java.util.Collection;
import java.util.Map;
import java.util.Optional;

/** Up to when runs are closed, told by whoever keeps the runs. */
public interface ClosedPeriods {

    /** The last day of the newest closed run of any group. */
    Optional<LocalDate> closedThrough();

    /** The last day of the newest closed run of some groups. */
    Optional<LocalDate> closedThrough(Collection<Long> payGroups);

    /** The first day that is not closed of each group that has a run, by the groups' ids. */
    Map<Long, LocalDate> openSince();
}
