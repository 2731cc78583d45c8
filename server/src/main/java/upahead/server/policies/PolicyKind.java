package upahead.server.policies;

/** The kind of absence a policy is for. */
public enum PolicyKind {
    VACATION,
    SICK,
    PERSONAL,
    VOLUNTEERING,
    TRAINING,
    BEREAVEMENT,
    TIME_IN_LIEU,
    HOLIDAY,
    UNPAID,
    UNEXPLAINED_ABSENCE,
    OTHER
}
