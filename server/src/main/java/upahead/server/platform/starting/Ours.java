package upahead.server.platform.starting;

/** Tells the program's own parts from those of the framework, which are more and have none of our annotations. */
public final class Ours {

    private static final String PACKAGE = "upahead.";

    private Ours() {}

    /** Whether a type is one of the program's own, or made from one. */
    public static boolean is(Class<?> type) {
        return type.getName().startsWith(PACKAGE);
    }
}
