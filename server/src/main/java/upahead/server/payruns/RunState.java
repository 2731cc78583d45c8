package upahead.server.payruns;

/** Where a pay run stands. */
public enum RunState {
    GATHERING,
    CLOSED
}
