package upahead.server.platform.sql;

import java.time.Duration;
import java.time.Instant;
import javax.sql.DataSource;
import net.javacrumbs.shedlock.core.DefaultLockingTaskExecutor;
import net.javacrumbs.shedlock.core.LockConfiguration;
import net.javacrumbs.shedlock.core.LockingTaskExecutor;
import net.javacrumbs.shedlock.provider.jdbctemplate.JdbcTemplateLockProvider;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** Work that only one of several programs on a database does at a time. */
@Component
public class Locks {

    private final LockingTaskExecutor executor;

    Locks(DataSource database, Aside aside) {
        executor = new DefaultLockingTaskExecutor(
                new JdbcTemplateLockProvider(JdbcTemplateLockProvider.Configuration.builder()
                        .withJdbcTemplate(new JdbcTemplate(database))
                        .withTransactionManager(aside.manager())
                        .usingDbTime()
                        .build()));
    }

    /**
     * Does something unless another program is at it.
     *
     * @param name of the work, 1 to 64 characters
     * @param longest after which a program that ended in between is waited for no more
     * @param atLeast for how long nobody else begins it, even where it was done sooner
     */
    public void once(String name, Duration longest, Duration atLeast, Runnable work) {
        executor.executeWithLock(work, new LockConfiguration(Instant.now(), name, longest, atLeast));
    }
}
