package upahead.server.platform.sql;

import java.util.function.Supplier;
import javax.sql.DataSource;
import org.springframework.jdbc.support.JdbcTransactionManager;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Writes what is no change of anybody's data, such as how far a work has come: at once, in a transaction of its own, without
 * waiting for a turn. Kept answers stay good. Not for use while another transaction of the same thread is open, which
 * would hold two connections.
 */
@Component
public class Aside {

    private final JdbcTransactionManager manager;
    private final TransactionTemplate transactions;

    Aside(DataSource database) {
        this.manager = new JdbcTransactionManager(database);
        this.transactions = new TransactionTemplate(manager);
        this.transactions.setPropagationBehavior(TransactionDefinition.PROPAGATION_REQUIRES_NEW);
    }

    /** Does it and stores it. */
    public <T> T get(Supplier<T> work) {
        return transactions.execute(status -> work.get());
    }

    /** Does it and stores it. */
    public void run(Runnable work) {
        transactions.executeWithoutResult(status -> work.run());
    }

    /** For libraries that write in this way. */
    public TransactionTemplate transactions() {
        return transactions;
    }

    JdbcTransactionManager manager() {
        return manager;
    }
}
