package upahead.server.policies;

/** In what parts of a day leave can be asked for. */
public enum LeaveIn {
    WHOLE_DAYS,
    /** Whole days and half days. */
    HALF_DAYS,
    /** Whole days, half days and hours. */
    HOURS
}
