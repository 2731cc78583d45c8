package upahead.core.policy;

/** The limits that the law keeps apart. */
public enum Limit {
    /** How much may be held. */
    BALANCE,
    /** How much may be earned in a benefit year. */
    EARNED_PER_YEAR,
    /** How much may be used in a benefit year. */
    USED_PER_YEAR,
    /** How far a request may take the balance below zero. */
    OVERDRAW
}
