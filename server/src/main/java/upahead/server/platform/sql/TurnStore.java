package upahead.server.platform.sql;

import static upahead.server.database.Tables.TURN;

import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** How often something was changed, by whatever program: as long as it stays the same, so does all that is read. */
@Repository
public class TurnStore {

    private final DSLContext sql;

    TurnStore(DSLContext sql) {
        this.sql = sql;
    }

    /** Whether this is a change that is under way: what it reads may never come to be. */
    public static boolean isChangingSomething() {
        return TransactionSynchronizationManager.isActualTransactionActive()
                && !TransactionSynchronizationManager.isCurrentTransactionReadOnly();
    }

    /** Counts every writing transaction that was committed. */
    public long taken() {
        return sql.select(TURN.TAKEN).from(TURN).fetchOne(TURN.TAKEN);
    }
}
