package upahead.server.policies;

/** Who sees an absence besides whoever decides and administers. */
public enum SeenBy {
    NOBODY,
    /** The others of the team. */
    TEAM,
    EVERYBODY
}
