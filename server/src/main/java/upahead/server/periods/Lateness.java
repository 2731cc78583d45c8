package upahead.server.periods;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/**
 * What is late at a moment, for whoever asks of many people and days: most days are after every close, which is asked for
 * once, and of the others each person's close is.
 */
public final class Lateness {

    private final Optional<LocalDate> closedAnywhere;
    private final Function<Long, Optional<LocalDate>> closedFor;
    private final Map<Long, Optional<LocalDate>> known = new HashMap<>();

    Lateness(Optional<LocalDate> closedAnywhere, Function<Long, Optional<LocalDate>> closedFor) {
        this.closedAnywhere = closedAnywhere;
        this.closedFor = closedFor;
    }

    /** Whether a day is in a closed run of a person's pay group. */
    public boolean isLate(long personId, LocalDate day) {
        return isClosed(closedAnywhere, day) && isClosed(known.computeIfAbsent(personId, closedFor), day);
    }

    private static boolean isClosed(Optional<LocalDate> through, LocalDate day) {
        return through.filter(closed -> !day.isAfter(closed)).isPresent();
    }
}
