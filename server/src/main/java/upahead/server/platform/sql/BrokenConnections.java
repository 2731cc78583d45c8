package upahead.server.platform.sql;

import com.zaxxer.hikari.SQLExceptionOverride;
import java.sql.SQLException;

/** Throws connections away that the database has closed, as it does when the disk is full: new ones work again. */
public class BrokenConnections implements SQLExceptionOverride {

    private static final int GENERAL_ERROR = 50000;
    private static final int DATABASE_CLOSED = 90098;
    private static final int FILE_FAILED = 90028;

    @java.lang.Override
    public Override adjudicate(SQLException failure) {
        return switch (failure.getErrorCode()) {
            case GENERAL_ERROR, DATABASE_CLOSED, FILE_FAILED -> Override.MUST_EVICT;
            default -> Override.CONTINUE_EVICT;
        };
    }
}
