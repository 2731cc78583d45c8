package upahead.bench;

import static upahead.server.database.Tables.POSTED_LINE;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.jooq.impl.DSL;
import org.springframework.transaction.support.TransactionTemplate;

/** The lines of a run, inserted once more through jOOQ batches and nothing else: what a close is compared with. */
final class BareInsert {

    private static final int BATCH = 2000;
    private static final int REPEATS = 3;

    private final DSLContext sql;
    private final List<? extends Record> lines;

    BareInsert(DSLContext sql, long runId) {
        this.sql = sql;
        this.lines = sql.select(
                        POSTED_LINE.PAY_RUN_ID,
                        POSTED_LINE.CLOSING,
                        POSTED_LINE.PERSON_ID,
                        POSTED_LINE.POLICY_ID,
                        POSTED_LINE.POSTED_ON,
                        POSTED_LINE.ABOUT,
                        POSTED_LINE.SORT,
                        POSTED_LINE.KIND,
                        POSTED_LINE.AMOUNT,
                        POSTED_LINE.WITHHELD,
                        POSTED_LINE.WHY,
                        POSTED_LINE.LATE_CHANGE_ID)
                .from(POSTED_LINE)
                .where(POSTED_LINE.PAY_RUN_ID.eq(runId))
                .orderBy(POSTED_LINE.ID)
                .fetch();
    }

    long size() {
        return lines.size();
    }

    /** The median time of inserting and committing the lines, which are deleted again each time. */
    Duration median(TransactionTemplate transaction) {
        long last = sql.fetchValue(sql.select(DSL.max(POSTED_LINE.ID)).from(POSTED_LINE));
        List<Duration> durations = new ArrayList<>();
        for (int i = 0; i < REPEATS; i++) {
            long start = System.nanoTime();
            transaction.executeWithoutResult(status -> insert());
            durations.add(Duration.ofNanos(System.nanoTime() - start));
            sql.deleteFrom(POSTED_LINE).where(POSTED_LINE.ID.gt(last)).execute();
        }
        return durations.stream().sorted().skip(REPEATS / 2).findFirst().orElseThrow();
    }

    private void insert() {
        for (int from = 0; from < lines.size(); from += BATCH) {
            var batch = sql.batch(sql.insertInto(
                            POSTED_LINE,
                            POSTED_LINE.PAY_RUN_ID,
                            POSTED_LINE.CLOSING,
                            POSTED_LINE.PERSON_ID,
                            POSTED_LINE.POLICY_ID,
                            POSTED_LINE.POSTED_ON,
                            POSTED_LINE.ABOUT,
                            POSTED_LINE.SORT,
                            POSTED_LINE.KIND,
                            POSTED_LINE.AMOUNT,
                            POSTED_LINE.WITHHELD,
                            POSTED_LINE.WHY,
                            POSTED_LINE.LATE_CHANGE_ID)
                    .values((Long) null, null, null, null, null, null, null, null, null, null, null, null));
            lines.subList(from, Math.min(lines.size(), from + BATCH)).forEach(line -> batch.bind(line.intoArray()));
            batch.execute();
        }
    }
}
