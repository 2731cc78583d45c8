package upahead.server.payruns;

/** Where a pay run stands. */
public enum RunState {
    GATHERING,
    CLOSED,
    /** Closed once and taken back; it gathers again and can be closed again. */
    UNDONE
}
