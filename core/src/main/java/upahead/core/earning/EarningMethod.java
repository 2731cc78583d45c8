package upahead.core.earning;

import java.util.List;
import upahead.core.quantity.Amount;

/** One of the ways in which a policy lets time be earned (calculation contract, "Earning"). */
public sealed interface EarningMethod permits Upfront, PerPeriod, PerHoursWorked, NoEarning {

    /**
     * The postings of this method whose dates lie in {@link EarningContext#days()}, in order of time. What they offer
     * is not yet rounded and not yet limited.
     */
    List<Posting> postings(EarningContext context);

    /**
     * What of a method may change only from the first day of a pay period on: the method itself and when it posts. Equal
     * for two methods that differ in their figures alone.
     */
    default Object rhythm() {
        return getClass();
    }

    /**
     * What of a method decides which periods it posts for, and when. Where it changes inside a period, each side brings
     * its part of it.
     */
    default Object periods() {
        return rhythm();
    }

    /** The same method with another figure, as for somebody with an exception. */
    EarningMethod withFigure(Amount figure);
}
