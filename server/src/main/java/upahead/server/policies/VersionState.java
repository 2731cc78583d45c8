package upahead.server.policies;

/** Where a policy version stands. */
public enum VersionState {
    DRAFT,
    IN_FORCE
}
