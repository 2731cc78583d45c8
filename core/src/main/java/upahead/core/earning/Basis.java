package upahead.core.earning;

/**
 * The rule, inputs and arithmetic from which a share came, kept as data so that every figure can be asked why. Each
 * earning method has its own.
 */
public interface Basis {

    /** In plain words, without the amount that came out. */
    String words();

    /** Whether it is a year's grant. */
    default boolean isGrant() {
        return false;
    }

    /** Whether it comes from hours that were worked. */
    default boolean isOfHours() {
        return false;
    }
}
