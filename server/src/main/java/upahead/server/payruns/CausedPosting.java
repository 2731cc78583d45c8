package upahead.server.payruns;

import jakarta.annotation.Nullable;
import upahead.core.payrun.NewPosting;
import upahead.server.periods.LateChange;

/**
 * A line that a run posts or has posted.
 *
 * @param cause the late change behind a correction, null for any other line
 */
record CausedPosting(NewPosting line, @Nullable LateChange cause) {

    static CausedPosting plain(NewPosting line) {
        return new CausedPosting(line, null);
    }

    @Nullable
    Long causeId() {
        return cause == null ? null : cause.id();
    }
}
