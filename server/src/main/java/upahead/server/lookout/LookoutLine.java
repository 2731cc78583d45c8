package upahead.server.lookout;

import jakarta.annotation.Nullable;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import upahead.core.quantity.Amount;
import upahead.server.lookout.LookoutItem.Kind;
import upahead.server.lookout.LookoutItem.Urgency;
import upahead.server.platform.words.Words;

/**
 * A line of the front page: something that needs somebody, or the same that happens to several people.
 *
 * @param first the only one, or the soonest of them
 * @param people how many they are, at least 1
 * @param says of several, what happens to them; null of one
 * @param who of several, the first names and how many more there are; null of one
 */
public record LookoutLine(LookoutItem first, int people, @Nullable String says, @Nullable String who) {

    private static final Set<Kind> OF_SEVERAL =
            Set.of(Kind.LAPSE, Kind.WITHHELD, Kind.WAIT_ENDS, Kind.TENURE, Kind.LEAVER);

    private static final int MOST_NAMED = 12;

    /**
     * What those that stand together have in common.
     *
     * @param by of what lapses its day, null of the others, which each have one of their own
     */
    private record Alike(Urgency urgency, Kind kind, @Nullable Long policyId, @Nullable LocalDate by) {

        static Alike of(LookoutItem item) {
            return of(item.urgency(), item.kind(), item.policyId(), item.by());
        }

        static Alike of(Urgency urgency, Kind kind, @Nullable Long policyId, LocalDate by) {
            return new Alike(urgency, kind, policyId, kind == Kind.LAPSE ? by : null);
        }
    }

    /** All items in their order, those that stand together in the place of the first of them. */
    static List<LookoutLine> together(List<LookoutItem> items) {
        List<List<LookoutItem>> lines = new ArrayList<>();
        Map<Alike, List<LookoutItem>> several = new HashMap<>();
        for (LookoutItem item : items) {
            List<LookoutItem> line = OF_SEVERAL.contains(item.kind())
                    ? several.computeIfAbsent(Alike.of(item), unused -> begun(lines))
                    : begun(lines);
            line.add(item);
        }
        return lines.stream().map(LookoutLine::of).toList();
    }

    private static List<LookoutItem> begun(List<List<LookoutItem>> lines) {
        List<LookoutItem> line = new ArrayList<>();
        lines.add(line);
        return line;
    }

    /** The items of one line, in their order, by what its first one is about. */
    static List<LookoutItem> itemsOf(
            List<LookoutItem> items, Urgency urgency, Kind kind, @Nullable Long policyId, LocalDate by) {
        Alike wanted = Alike.of(urgency, kind, policyId, by);
        return items.stream().filter(item -> Alike.of(item).equals(wanted)).toList();
    }

    private static LookoutLine of(List<LookoutItem> items) {
        LookoutItem first = items.get(0);
        return items.size() == 1
                ? new LookoutLine(first, 1, null, null)
                : new LookoutLine(first, items.size(), items.size() + " people " + happens(items), names(items));
    }

    private static String happens(List<LookoutItem> items) {
        LookoutItem first = items.get(0);
        return switch (first.kind()) {
            case LAPSE -> "are about to lose " + sum(items);
            case WITHHELD -> "are about to reach a limit; " + sum(items) + " will be withheld";
            case WAIT_ENDS -> "end a wait, with " + sum(items) + " by then";
            case TENURE -> "complete years of service";
            case LEAVER -> "leave";
            case REQUEST, RUN, HOURS, PAYROLL, DRAFT, NO_APPROVER, BACKUP ->
                throw new IllegalArgumentException(first.kind() + " is not of several people");
        };
    }

    private static String sum(List<LookoutItem> items) {
        Amount sum = Amount.sum(items.stream().map(LookoutItem::amount).toList());
        return Words.amount(sum, items.get(0).unit()) + " of " + items.get(0).policy();
    }

    private static String names(List<LookoutItem> items) {
        int more = items.size() - MOST_NAMED;
        // for one more name there is room where it would be counted
        int named = more > 1 ? MOST_NAMED : items.size();
        return items.stream().limit(named).map(LookoutItem::person).collect(Collectors.joining(", "))
                + (more > 1 ? " and " + more + " more" : "");
    }
}
