package upahead.server.platform.hooks;

/** What other programs can be told of, by the name under which it travels. */
public enum HookEvent {
    RUN_CLOSED("run.closed"),
    RUN_UNDONE("run.undone"),
    REQUEST_DECIDED("request.decided"),
    REQUEST_CANCELLED("request.cancelled");

    private final String name;

    HookEvent(String name) {
        this.name = name;
    }

    /** Such as {@code run.closed}. */
    public String travelsAs() {
        return name;
    }
}
