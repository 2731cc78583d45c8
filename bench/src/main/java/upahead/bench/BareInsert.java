package upahead.bench;

import static upahead.server.database.Tables.HANDED_OVER;
import static upahead.server.database.Tables.POSTED_LINE;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.TableField;
import org.jooq.UpdatableRecord;
import org.jooq.impl.DSL;
import org.springframework.transaction.support.TransactionTemplate;
import upahead.server.platform.sql.Inserts;

/** All that a close stores, inserted once more and nothing else: what a close is compared with. */
final class BareInsert {

    private static final int BATCH = 2000;
    private static final int REPEATS = 3;

    private final DSLContext sql;
    private final List<? extends UpdatableRecord<?>> posted;
    private final List<? extends UpdatableRecord<?>> handedOver;

    BareInsert(DSLContext sql, long runId) {
        this.sql = sql;
        this.posted = without(
                POSTED_LINE.ID,
                sql.selectFrom(POSTED_LINE)
                        .where(POSTED_LINE.PAY_RUN_ID.eq(runId))
                        .orderBy(POSTED_LINE.ID)
                        .fetch());
        this.handedOver = without(
                HANDED_OVER.ID,
                sql.selectFrom(HANDED_OVER)
                        .where(HANDED_OVER.PAY_RUN_ID.eq(runId))
                        .orderBy(HANDED_OVER.ID)
                        .fetch());
    }

    private static <R extends UpdatableRecord<R>> List<R> without(Field<Long> id, List<R> rows) {
        rows.forEach(row -> {
            row.changed(true);
            row.changed(id, false);
        });
        return rows;
    }

    /** How many lines were posted. */
    long size() {
        return posted.size();
    }

    /** The median time of inserting and committing the rows, which are deleted again each time. */
    Duration median(TransactionTemplate transaction) {
        long lastPosted = last(POSTED_LINE.ID);
        long lastHandedOver = last(HANDED_OVER.ID);
        List<Duration> durations = new ArrayList<>();
        for (int i = 0; i < REPEATS; i++) {
            durations.add(Stopwatch.time(() -> transaction.execute(status -> {
                insert(posted);
                insert(handedOver);
                return posted.size();
            })));
            sql.deleteFrom(POSTED_LINE).where(POSTED_LINE.ID.gt(lastPosted)).execute();
            sql.deleteFrom(HANDED_OVER).where(HANDED_OVER.ID.gt(lastHandedOver)).execute();
        }
        return durations.stream().sorted().skip(REPEATS / 2).findFirst().orElseThrow();
    }

    private long last(TableField<?, Long> id) {
        return sql.fetchValue(sql.select(DSL.max(id)).from(id.getTable()));
    }

    private void insert(List<? extends UpdatableRecord<?>> rows) {
        for (int from = 0; from < rows.size(); from += BATCH) {
            Inserts.all(sql, rows.subList(from, Math.min(rows.size(), from + BATCH)));
        }
    }
}
