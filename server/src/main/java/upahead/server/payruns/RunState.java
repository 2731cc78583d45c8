package upahead.server.payruns;

/** Where a pay run stands. */
public enum RunState {
    GATHERING,
    /** Nothing stops its close, somebody has looked at what is unusual, and nothing has changed since. */
    CHECKED,
    CLOSED,
    /** Closed once and taken back; it gathers again and can be closed again. */
    UNDONE
}
