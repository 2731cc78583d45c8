package upahead.server.requests.leave;

/** What was decided about one day. */
public enum Decision {
    APPROVED,
    DECLINED,
    /** Approved once and taken back. */
    CANCELLED
}
