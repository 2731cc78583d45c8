package upahead.server.platform.problems;

import jakarta.annotation.Nullable;
import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import org.springframework.jdbc.CannotGetJdbcConnectionException;
import org.springframework.transaction.CannotCreateTransactionException;

/** Whether something failed because the database went away, and what is said then. */
public final class LostDatabase {

    public static final String NOT_THERE =
            "The database cannot be reached at the moment; nothing was stored. Please try again in a moment.";

    static final String GONE_MEANWHILE =
            "The connection to the database was lost. If you were changing something, please look whether it is there"
                    + " before you try again.";

    /** How the states of SQL begin that a server gives to whom it throws out, or cannot take. */
    private static final String CONNECTION = "08";

    private static final String THROWN_OUT = "57P";

    private LostDatabase() {}

    /** Whether nothing was begun. */
    public static boolean isNotThere(@Nullable Throwable failure) {
        return failure instanceof CannotCreateTransactionException
                || failure instanceof CannotGetJdbcConnectionException
                || failure != null
                        && (failure instanceof SQLTransientConnectionException || isNotThere(failure.getCause()));
    }

    /** Whether the connection was lost while something was under way. */
    public static boolean isGone(Throwable failure) {
        for (Throwable cause = failure; cause != null; cause = cause.getCause()) {
            if (cause instanceof SQLException refused
                    && refused.getSQLState() != null
                    && (refused.getSQLState().startsWith(CONNECTION)
                            || refused.getSQLState().startsWith(THROWN_OUT))) {
                return true;
            }
        }
        return false;
    }
}
