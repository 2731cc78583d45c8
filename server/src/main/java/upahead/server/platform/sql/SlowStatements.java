package upahead.server.platform.sql;

import io.micrometer.core.instrument.MeterRegistry;
import io.micrometer.core.instrument.Timer;
import java.time.Duration;
import org.jooq.ExecuteContext;
import org.jooq.ExecuteListener;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Names statements that take long, with question marks where values stand, and times all of them. */
final class SlowStatements implements ExecuteListener {

    private static final long serialVersionUID = 1L;

    private static final Logger LOG = LoggerFactory.getLogger(SlowStatements.class);
    private static final String BEGUN = "upahead.begun";
    private static final int LONGEST = 400;

    private final transient Timer all;
    private final Duration slow;

    /**
     * @param slow from when on a statement is named
     */
    SlowStatements(MeterRegistry meters, Duration slow) {
        this.all = Timer.builder("upahead.statements")
                .description("statements to the database")
                .register(meters);
        this.slow = slow;
    }

    @Override
    public void executeStart(ExecuteContext context) {
        context.data(BEGUN, System.nanoTime());
    }

    @Override
    public void executeEnd(ExecuteContext context) {
        if (context.data(BEGUN) instanceof Long begun) {
            Duration took = Duration.ofNanos(System.nanoTime() - begun);
            all.record(took);
            if (took.compareTo(slow) >= 0 && context.sql() != null) {
                String sql = context.sql();
                LOG.warn(
                        "slow statement, {} ms: {}",
                        took.toMillis(),
                        sql.length() > LONGEST ? sql.substring(0, LONGEST) + "…" : sql);
            }
        }
    }
}
