package upahead.server.lookout;

/**
 * One thing to be set up first.
 *
 * @param done whether it is there
 * @param count how many are there already, or for approvers how many are missing
 */
public record FirstStep(What what, boolean done, int count) {

    /** What is to be set up. */
    public enum What {
        PAY_GROUPS,
        PEOPLE,
        APPROVERS,
        HOLIDAYS,
        POLICIES,
        OPENINGS,
        SIGN_INS,
        FIRST_RUN
    }
}
