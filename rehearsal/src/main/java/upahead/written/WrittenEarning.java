package upahead.written;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonSubTypes.Type;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import jakarta.annotation.Nullable;
import java.util.List;
import java.util.Set;
import upahead.core.earning.EarningMethod;
import upahead.core.earning.NoEarning;
import upahead.core.earning.PerHoursWorked;
import upahead.core.earning.PerPeriod;
import upahead.core.earning.Upfront;
import upahead.core.quantity.Amount;

/** How time is earned, by {@code method}; each has the keys of its row in the calculation contract, and no others. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = WrittenEarning.METHOD)
@JsonSubTypes({
    @Type(name = "upfront", value = WrittenEarning.WrittenUpfront.class),
    @Type(name = "per-period", value = WrittenEarning.WrittenPerPeriod.class),
    @Type(name = "per-hours-worked", value = WrittenEarning.WrittenPerHoursWorked.class),
    @Type(name = "none", value = WrittenEarning.WrittenNoEarning.class)
})
public sealed interface WrittenEarning {

    String METHOD = "method";

    /**
     * @throws RefusedTerms if a figure is missing or cannot be
     */
    EarningMethod toMethod();

    /** The kinds of hours that it names; empty where it goes by the standard ones or by none. */
    default List<String> namedKinds() {
        return List.of();
    }

    /** The amount of a year at once. */
    record WrittenUpfront(@Nullable Amount amount, @Nullable Upfront.FirstYear firstYear) implements WrittenEarning {
        @Override
        public EarningMethod toMethod() {
            Amount yearly = RefusedTerms.required("amount", amount);
            return RefusedTerms.checked("amount", () -> new Upfront(yearly, or(firstYear, Upfront.FirstYear.FULL)));
        }
    }

    /** A share each period: of an amount a period, or of one a year. */
    record WrittenPerPeriod(
            @Nullable PerPeriod.Every every,
            @Nullable Amount amount,
            @Nullable Amount perYear,
            @Nullable PerPeriod.Posts posts,
            @Nullable PerPeriod.Months months,
            @Nullable PerPeriod.Partial partial)
            implements WrittenEarning {
        @Override
        public EarningMethod toMethod() {
            RefusedTerms.required("every", every);
            if (amount == null) {
                RefusedTerms.required("amount", perYear);
            } else if (perYear != null) {
                throw RefusedTerms.at("", "needs either amount or perYear");
            }
            return RefusedTerms.checked(
                    amount == null ? "perYear" : "amount",
                    () -> new PerPeriod(
                            every,
                            or(amount, perYear),
                            amount == null ? PerPeriod.Per.YEAR : PerPeriod.Per.PERIOD,
                            or(posts, PerPeriod.Posts.END),
                            or(months, PerPeriod.Months.CALENDAR),
                            or(partial, PerPeriod.Partial.BY_DAYS)));
        }
    }

    /**
     * An amount for every so many hours worked.
     *
     * @param counts the kinds of hours that count; null for regular hours and overtime
     */
    record WrittenPerHoursWorked(
            @Nullable Amount earn,
            @Nullable Amount forEvery,
            boolean wholeStepsOnly,
            @Nullable List<String> counts,
            boolean paidLeaveCounts,
            boolean paidHolidaysCount,
            @Nullable PerHoursWorked.Posts posts)
            implements WrittenEarning {

        public WrittenPerHoursWorked {
            counts = counts == null ? null : List.copyOf(counts);
        }

        @Override
        public EarningMethod toMethod() {
            Amount figure = RefusedTerms.required("earn", earn);
            Amount hours = RefusedTerms.required("forEvery", forEvery);
            return RefusedTerms.checked(
                    figure.isNegative() ? "earn" : "forEvery",
                    () -> new PerHoursWorked(
                            figure,
                            hours,
                            wholeStepsOnly,
                            counts == null ? PerHoursWorked.STANDARD_KINDS : Set.copyOf(counts),
                            paidLeaveCounts,
                            paidHolidaysCount,
                            or(posts, PerHoursWorked.Posts.PAY_PERIOD_END)));
        }

        @Override
        public List<String> namedKinds() {
            return counts == null ? List.of() : counts;
        }
    }

    /** Nothing is earned by itself. */
    record WrittenNoEarning() implements WrittenEarning {
        @Override
        public EarningMethod toMethod() {
            return new NoEarning();
        }
    }

    private static <T> T or(T value, T otherwise) {
        return value == null ? otherwise : value;
    }
}
