package upahead.core.earning;

import java.util.stream.Stream;

/** One of the ways in which a policy lets time be earned (calculation contract, "Earning"). */
public sealed interface EarningMethod permits Upfront, PerPeriod, PerHoursWorked, NoEarning {

    /**
     * The postings of this method whose dates lie in {@link EarningContext#days()}, in order of time. What they offer
     * is not yet rounded and not yet limited.
     */
    Stream<Posting> postings(EarningContext context);

    /** Whether a person's full-time equivalent can scale what this method earns. */
    default boolean isScalable() {
        return true;
    }
}
