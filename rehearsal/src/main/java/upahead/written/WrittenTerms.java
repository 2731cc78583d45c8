package upahead.written;

import jakarta.annotation.Nullable;
import java.util.List;
import upahead.core.earning.EarningMethod;
import upahead.core.earning.Scaling;
import upahead.core.policy.Leftover;
import upahead.core.policy.Limits;
import upahead.core.policy.TenureBand;
import upahead.core.policy.Terms;
import upahead.core.policy.Wait;
import upahead.core.policy.YearEnd;
import upahead.core.quantity.Rounding;

/**
 * The terms of one version of a policy.
 *
 * @param earning null where it is missing, which no terms allow
 * @param tenure empty where it is left out
 * @param limits none where they are left out
 */
public record WrittenTerms(
        WrittenEarning earning,
        List<WrittenBand> tenure,
        boolean scaleByFte,
        @Nullable Integer scaleByDaysOfWeek,
        @Nullable WrittenTime waitToEarn,
        @Nullable WrittenTime waitToUse,
        Limits limits,
        WrittenYearEnd yearEnd,
        @Nullable WrittenTime creditsUsable,
        @Nullable Leftover onLeaving,
        @Nullable WrittenRounding rounding) {

    public WrittenTerms {
        tenure = tenure == null ? List.of() : List.copyOf(tenure);
        limits = limits == null ? Limits.NONE : limits;
        yearEnd = yearEnd == null ? WrittenYearEnd.USUAL : yearEnd;
    }

    /**
     * The rules themselves.
     *
     * @throws RefusedTerms if something is missing or cannot be, with its place
     */
    public Terms toTerms() {
        EarningMethod method = RefusedTerms.within(
                        "earning", RefusedTerms.required("earning", earning), WrittenEarning::toMethod)
                .orElseThrow();
        List<TenureBand> bands =
                RefusedTerms.within("tenure", tenure, WrittenTerms::bands).orElse(List.of());
        return RefusedTerms.checked(
                "tenure",
                () -> new Terms(
                        method,
                        bands,
                        scaling(),
                        RefusedTerms.within("waitToEarn", waitToEarn, WrittenTime::toWait)
                                .orElse(Wait.NONE),
                        RefusedTerms.within("waitToUse", waitToUse, WrittenTime::toWait)
                                .orElse(Wait.NONE),
                        limits,
                        RefusedTerms.within("yearEnd", yearEnd, WrittenYearEnd::toYearEnd)
                                .orElse(YearEnd.CARRY_ALL),
                        RefusedTerms.within("creditsUsable", creditsUsable, WrittenTime::toUsability),
                        onLeaving == null ? Leftover.LAPSE : onLeaving,
                        RefusedTerms.within("rounding", rounding, WrittenRounding::toRounding)
                                .orElse(Rounding.STANDARD)));
    }

    private static List<TenureBand> bands(List<WrittenBand> written) {
        return written.stream().map(WrittenBand::toBand).toList();
    }

    private Scaling scaling() {
        if (scaleByDaysOfWeek == null) {
            return scaleByFte ? Scaling.BY_FTE : Scaling.NONE;
        }
        if (scaleByFte) {
            throw RefusedTerms.at(
                    "scaleByDaysOfWeek", "cannot stand beside FTE: people are scaled by the one or by the other");
        }
        return RefusedTerms.checked("scaleByDaysOfWeek", () -> new Scaling.ByDaysOfWeek(scaleByDaysOfWeek));
    }
}
