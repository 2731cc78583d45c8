package upahead.server.requests.leave;

/** Where a request stands. */
public enum RequestState {
    WAITING,
    APPROVED,
    PARTLY_APPROVED,
    DECLINED,
    WITHDRAWN,
    CANCELLED
}
