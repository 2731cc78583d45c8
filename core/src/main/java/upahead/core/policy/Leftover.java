package upahead.core.policy;

/** What becomes of time that is left over at a year's end or on leaving. */
public enum Leftover {
    LAPSE,
    PAY_OUT
}
