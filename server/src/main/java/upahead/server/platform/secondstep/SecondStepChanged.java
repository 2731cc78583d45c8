package upahead.server.platform.secondstep;

/** Told in the transaction in which something about somebody's second step changes. */
public record SecondStepChanged(long signInId, What what) {

    /** What happened. */
    public enum What {
        SET_UP,
        OTHER_CODES_ON_PAPER,
        CODE_ON_PAPER_USED,
        ENDED
    }
}
