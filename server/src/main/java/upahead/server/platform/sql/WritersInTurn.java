package upahead.server.platform.sql;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Duration;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.function.LongConsumer;
import javax.sql.DataSource;
import org.springframework.dao.CannotAcquireLockException;
import org.springframework.jdbc.CannotGetJdbcConnectionException;
import org.springframework.jdbc.datasource.ConnectionHolder;
import org.springframework.jdbc.support.JdbcTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.DefaultTransactionStatus;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Lets whoever changes something take turns: a writing transaction holds one row until it ends, whatever program it runs
 * in. So every check before a change sees what others stored, and what is read for a close cannot change meanwhile.
 * Reading waits for nobody: of each program one waits at the database, and the others before they hold a connection.
 */
final class WritersInTurn extends JdbcTransactionManager {

    private static final long serialVersionUID = 1L;

    private final transient LongConsumer confirmed;
    private final transient Semaphore first = new Semaphore(1, true);
    private final Duration longest;

    /**
     * @param longest how long somebody waits for a turn
     * @param confirmed told after each commit how many there were
     */
    WritersInTurn(DataSource database, Duration longest, LongConsumer confirmed) {
        super(database);
        this.longest = longest;
        this.confirmed = confirmed;
    }

    @Override
    protected void doBegin(Object transaction, TransactionDefinition definition) {
        if (definition.isReadOnly()) {
            super.doBegin(transaction, definition);
            return;
        }
        becomeFirst();
        try {
            super.doBegin(transaction, definition);
        } catch (RuntimeException failed) {
            first.release();
            throw failed;
        }
        TransactionSynchronizationManager.bindResource(first, Boolean.TRUE);
        try {
            TransactionSynchronizationManager.bindResource(this, takeTurn());
        } catch (RuntimeException | SQLException failed) {
            doCleanupAfterCompletion(transaction);
            throw failed instanceof SQLException refused
                    ? translateException("waiting for one's turn to write", refused)
                    : new CannotGetJdbcConnectionException("no turn to write", new SQLException(failed));
        }
    }

    private void becomeFirst() {
        try {
            if (!first.tryAcquire(longest.toMillis(), TimeUnit.MILLISECONDS)) {
                throw new CannotAcquireLockException("others write for long");
            }
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new CannotAcquireLockException("stopped while waiting to write", stopped);
        }
    }

    private long takeTurn() throws SQLException {
        ConnectionHolder holder = (ConnectionHolder) TransactionSynchronizationManager.getResource(obtainDataSource());
        Connection connection = holder.getConnection();
        try (PreparedStatement wait = connection.prepareStatement("select taken from turn for update");
                ResultSet row = wait.executeQuery()) {
            row.next();
            long count = row.getLong(1) + 1;
            try (PreparedStatement take = connection.prepareStatement("update turn set taken = ?")) {
                take.setLong(1, count);
                take.executeUpdate();
            }
            return count;
        }
    }

    @Override
    protected void doCommit(DefaultTransactionStatus status) {
        super.doCommit(status);
        if (TransactionSynchronizationManager.getResource(this) instanceof Long count) {
            confirmed.accept(count);
        }
    }

    @Override
    protected void doCleanupAfterCompletion(Object transaction) {
        TransactionSynchronizationManager.unbindResourceIfPossible(this);
        try {
            super.doCleanupAfterCompletion(transaction);
        } finally {
            if (TransactionSynchronizationManager.unbindResourceIfPossible(first) != null) {
                first.release();
            }
        }
    }
}
