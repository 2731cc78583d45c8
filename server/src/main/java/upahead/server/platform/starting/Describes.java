package upahead.server.platform.starting;

/**
 * Tells the classes that only describe parts from the parts. What parts are looked at for stands on none of them, but much
 * else does, which would all be read.
 */
final class Describes {

    private static final String NAMED = "Configuration";
    private static final String MADE_FROM_ONE = "$$";

    private Describes() {}

    static boolean is(Class<?> type) {
        String name = type.getName();
        int made = name.indexOf(MADE_FROM_ONE);
        return (made < 0 ? name : name.substring(0, made)).endsWith(NAMED);
    }
}
