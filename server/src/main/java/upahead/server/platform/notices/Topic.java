package upahead.server.platform.notices;

/** What a notice is about, as far as people choose how they are told. */
public enum Topic {
    /** Something waits for one's decision. */
    TO_DECIDE,
    /** Something has waited for it for a while, or a pay run closes soon. */
    REMINDER,
    /** What becomes of one's own requests. */
    OWN_REQUEST,
    /** Absences of others that one is told of. */
    ABSENCE_OF_OTHERS,
    /** What is about to happen to one's own balances, told by somebody. */
    OWN_BALANCE
}
