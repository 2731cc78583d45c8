package upahead.server.requests.signing;

import java.time.LocalDate;
import java.util.Set;

/** Who is away, told by whoever keeps leave. */
public interface AwayToday {

    /** The people with approved leave on a day. */
    Set<Long> awayOn(LocalDate day);
}
