package upahead.server.platform.backups;

import java.time.LocalDateTime;
import java.time.YearMonth;
import java.time.temporal.IsoFields;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * Which backups stay: all of a week, the last of each week for five weeks, the last of each month for a year, the newest
 * good one always, and the newest three that could not be proved, so that it can be found out why.
 */
final class Thinning {

    private static final int DAYS = 7;
    private static final int WEEKS = 5;
    private static final int MONTHS = 12;
    private static final int NOT_PROVED = 3;

    private Thinning() {}

    /**
     * Those that stay.
     *
     * @param all the newest first
     */
    static List<Backup> kept(List<Backup> all, LocalDateTime now) {
        List<Backup> kept = new ArrayList<>();
        Set<Object> filled = new HashSet<>();
        int notProved = 0;
        for (Backup each : all) {
            if (each.good() ? isKept(each, now, filled) : notProved++ < NOT_PROVED) {
                kept.add(each);
            }
        }
        return kept;
    }

    /** The newest of a week or month fills its place, so that it keeps it while others grow old. */
    private static boolean isKept(Backup good, LocalDateTime now, Set<Object> filled) {
        boolean newest = filled.isEmpty();
        boolean firstOfWeek = filled.add(
                good.made().get(IsoFields.WEEK_BASED_YEAR) + "/" + good.made().get(IsoFields.WEEK_OF_WEEK_BASED_YEAR));
        boolean firstOfMonth = filled.add(YearMonth.from(good.made()));
        return newest
                || good.made().isAfter(now.minusDays(DAYS))
                || firstOfWeek && good.made().isAfter(now.minusWeeks(WEEKS))
                || firstOfMonth && good.made().isAfter(now.minusMonths(MONTHS));
    }
}
