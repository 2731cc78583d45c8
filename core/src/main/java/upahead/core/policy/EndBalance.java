package upahead.core.policy;

/** What becomes of a balance on the last day of an enrolment, as decided when ending it. */
public enum EndBalance {
    LAPSE,
    PAY_OUT,
    /** It goes on in another policy, a balance below zero included. */
    MOVE
}
