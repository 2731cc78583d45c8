package upahead.server.payruns;

import jakarta.annotation.Nullable;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import upahead.server.platform.problems.Refusal;

/**
 * Which rows of a worksheet are wanted.
 *
 * @param search words of person, team or policy; null for any
 * @param team a name, null for any
 * @param policy a name, null for any
 * @param which null for all
 * @param order the key of a column, with a minus before it for the other way round; null or empty for what is unusual
 *     first
 */
public record WorksheetQuery(
        @Nullable String search,
        @Nullable String team,
        @Nullable String policy,
        @Nullable Which which,
        @Nullable String order) {

    /** Which rows by what is in them. */
    public enum Which {
        UNUSUAL,
        CORRECTED,
        /** Something happens to the balance. */
        MOVED
    }

    /** All rows, what is unusual first. */
    public static WorksheetQuery everything() {
        return new WorksheetQuery(null, null, null, null, null);
    }

    /**
     * @throws Refusal if there is no such column
     */
    List<WorksheetRow> of(List<WorksheetRow> rows) {
        String words = search == null ? "" : search.strip().toLowerCase(Locale.ROOT);
        List<WorksheetRow> found = new ArrayList<>(rows.stream()
                .filter(row -> team == null || team.isEmpty() || row.team().equals(team))
                .filter(row ->
                        policy == null || policy.isEmpty() || row.policy().equals(policy))
                .filter(this::isWanted)
                .filter(row -> words.isEmpty()
                        || (row.person() + " " + row.team() + " " + row.policy())
                                .toLowerCase(Locale.ROOT)
                                .contains(words))
                .toList());
        if (order != null && !order.isEmpty()) {
            found.sort(sorting(order));
        }
        return found;
    }

    private boolean isWanted(WorksheetRow row) {
        if (which == null) {
            return true;
        }
        return switch (which) {
            case UNUSUAL -> !row.cautions().isEmpty() || !row.accepted().isEmpty();
            case CORRECTED -> !row.corrections().isZero();
            case MOVED -> !row.lines().isEmpty();
        };
    }

    private static Comparator<WorksheetRow> sorting(String order) {
        boolean descending = order.startsWith("-");
        Comparator<WorksheetRow> by = WorksheetRow.COLUMNS.by(descending ? order.substring(1) : order);
        return (descending ? by.reversed() : by)
                .thenComparing(WorksheetRow::person)
                .thenComparing(WorksheetRow::policy);
    }
}
