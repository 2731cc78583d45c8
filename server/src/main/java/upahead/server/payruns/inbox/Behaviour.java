package upahead.server.payruns.inbox;

/** How the stand-in behaves, for trying what the program does then. */
public enum Behaviour {
    ANSWERS,
    /** It takes the rows, and its answer gets lost on the way. */
    LOSES_ANSWERS,
    /** It takes the rows, and answers something that is no answer. */
    TALKS_NONSENSE,
    /** It takes nothing and says nothing. */
    IS_SILENT
}
