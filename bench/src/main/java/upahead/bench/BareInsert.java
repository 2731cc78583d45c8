package upahead.bench;

import static upahead.server.database.Tables.POSTED_LINE;

import java.util.List;
import org.jooq.DSLContext;
import org.jooq.Record;

/** The lines of a run, inserted once more through jOOQ batches and nothing else: what a close is compared with. */
final class BareInsert {

    private static final int BATCH = 2000;

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

    void insert() {
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
