package upahead.core.earning;

import java.util.List;
import java.util.Optional;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;

/**
 * One of the ways in which a policy lets time be earned (calculation contract, "Earning"). Everything that is particular
 * to a way stands in its class: when and what it posts, which of its choices make its rhythm, what it brings at most, and
 * how it is said. Nothing asks for the kind of a method.
 */
public interface EarningMethod {

    /**
     * The postings of this method whose dates lie in {@link EarningContext#days()}, in order of time. What they offer
     * is not yet rounded and not yet limited.
     */
    List<Posting> postings(EarningContext context);

    /** The amount that tenure bands and exceptions replace, in the policy's unit, at least 0; 0 where there is none. */
    Amount amount();

    /** The same method with another amount, as for somebody with an exception; itself where it has none. */
    EarningMethod withAmount(Amount amount);

    /** Whether time is earned without anyone adding it, so that the amount means something. */
    default boolean earnsByItself() {
        return true;
    }

    /** What of it may change only from the first day of a pay period on: the method itself and when it posts. */
    Rhythm rhythm();

    /**
     * What of it decides which periods it posts for, and when. Where it changes inside a period, each side brings its
     * part of it.
     */
    default Rhythm periods() {
        return rhythm();
    }

    /** Whether {@link Scaling} has an effect on it. */
    default boolean isScaled() {
        return false;
    }

    /**
     * What a full benefit year offers at most.
     *
     * @param amount in the place of its own
     * @return nothing where that depends on hours or on the number of pay periods
     */
    default Optional<Amount> mostInAYear(Amount amount) {
        return Optional.empty();
    }

    /** Whether a year's amount comes at once. */
    default boolean isAtOnce() {
        return false;
    }

    /** The size, in hours, of the whole steps in which hours are paid; nothing where they are not. */
    default Optional<Amount> wholeStep() {
        return Optional.empty();
    }

    /** How time is earned, in few words that begin with the amount where there is one: 2 days each month. */
    String inWords(Unit unit);

    /** What else it says, a sentence each. */
    default List<String> particulars() {
        return List.of();
    }

    /** Its choices, each under its name. */
    default List<RuleInWords> choices() {
        return List.of();
    }
}
