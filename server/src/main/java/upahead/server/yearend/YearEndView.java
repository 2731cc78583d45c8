package upahead.server.yearend;

import jakarta.annotation.Nullable;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;
import java.util.stream.Collectors;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;
import upahead.server.policies.PolicyDetail;
import upahead.server.yearend.YearEndRow.State;

/**
 * The year's ends of a policy within a calendar year.
 *
 * @param first the day of the first of them, null where there is none
 * @param last the day of the last of them, null likewise
 * @param keptAt when a review was kept, null where none was
 * @param keptBy who did, null likewise
 * @param ahead how many are ahead
 * @param changed how many are or came out otherwise than was kept
 * @param all of them together
 * @param teams by team, where most is lost first
 * @param wanted how many of the people are wanted
 * @param rows those of them, or the first, by person
 */
record YearEndView(
        long policyId,
        String policy,
        Unit unit,
        int year,
        @Nullable LocalDate first,
        @Nullable LocalDate last,
        @Nullable LocalDateTime keptAt,
        @Nullable String keptBy,
        int ahead,
        int changed,
        YearEndSum all,
        List<YearEndSum> teams,
        int wanted,
        List<YearEndRow> rows) {

    /**
     * What year's ends do together.
     *
     * @param team empty for all
     * @param losing how many people lose something
     * @param carriedWorth in money, of those with a rate; null where nobody has one or it may not be seen
     */
    record YearEndSum(
            String team,
            int people,
            int losing,
            Amount held,
            Amount carried,
            Amount lost,
            Amount paidOut,
            @Nullable Amount carriedWorth,
            @Nullable Amount lostWorth,
            @Nullable Amount paidOutWorth) {}

    static YearEndView of(PolicyDetail policy, int year, ReviewStore.Kept kept, List<YearEndRow> rows) {
        Map<String, List<YearEndRow>> byTeam = rows.stream().collect(Collectors.groupingBy(YearEndRow::team));
        List<YearEndSum> teams = new ArrayList<>();
        byTeam.forEach((team, some) -> teams.add(sum(team, some)));
        teams.sort(Comparator.comparing(YearEndSum::lost, Comparator.reverseOrder())
                .thenComparing(YearEndSum::team));
        return new YearEndView(
                policy.id(),
                policy.name(),
                policy.unit(),
                year,
                rows.stream().map(YearEndRow::on).min(LocalDate::compareTo).orElse(null),
                rows.stream().map(YearEndRow::on).max(LocalDate::compareTo).orElse(null),
                kept == null ? null : kept.at(),
                kept == null ? null : kept.by(),
                count(rows, State.AHEAD) + count(rows, State.CHANGED),
                count(rows, State.CHANGED) + count(rows, State.DIFFERS),
                sum("", rows),
                teams,
                rows.size(),
                rows);
    }

    /** The same sums beside some of the people, at most so many. */
    YearEndView showing(List<YearEndRow> some, int most) {
        return new YearEndView(
                policyId,
                policy,
                unit,
                year,
                first,
                last,
                keptAt,
                keptBy,
                ahead,
                changed,
                all,
                teams,
                some.size(),
                some.stream().limit(most).toList());
    }

    private static int count(List<YearEndRow> rows, State state) {
        return (int) rows.stream().filter(row -> row.state() == state).count();
    }

    private static YearEndSum sum(String team, List<YearEndRow> rows) {
        return new YearEndSum(
                team,
                rows.size(),
                (int) rows.stream()
                        .filter(row -> row.lost() != null && row.lost().isPositive())
                        .count(),
                known(rows, YearEndRow::held),
                known(rows, YearEndRow::carried),
                known(rows, YearEndRow::lost),
                known(rows, YearEndRow::paidOut),
                worth(rows, YearEndRow::carriedWorth),
                worth(rows, YearEndRow::lostWorth),
                worth(rows, YearEndRow::paidOutWorth));
    }

    private static Amount known(List<YearEndRow> rows, Function<YearEndRow, Amount> part) {
        return Amount.sum(rows.stream().map(part).filter(Objects::nonNull).toList());
    }

    private static Amount worth(List<YearEndRow> rows, Function<YearEndRow, Amount> part) {
        List<Amount> known = rows.stream().map(part).filter(Objects::nonNull).toList();
        return known.isEmpty() ? null : Amount.sum(known);
    }
}
