package upahead.server.platform.sql;

/** Fills a new database before its tables are brought up to date; does nothing where nothing is to be filled in. */
@FunctionalInterface
public interface FirstContent {

    /**
     * Fills it.
     *
     * @throws CannotStart if it is not empty, or what it is filled from is not whole
     */
    void into(Scripts scripts);
}
