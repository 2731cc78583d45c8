package upahead.server.payruns;

import static upahead.server.database.Tables.PAY_RUN_CLOSING;
import static upahead.server.database.Tables.POSTED_LINE;

import java.util.Map;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import upahead.core.payrun.NewPosting;
import upahead.core.quantity.Amount;

/** What each close posted, added up, for proving later that all of it is still there. */
@Repository
class ClosingStore {

    /** Which close of which run. */
    record Key(long runId, int closing) {}

    /** The lines of a close, and their figures added up whatever their units. */
    record Sums(int lines, Amount amounts, Amount withheld) {}

    private final DSLContext sql;

    ClosingStore(DSLContext sql) {
        this.sql = sql;
    }

    void add(long runId, int closing, Sums sums) {
        sql.insertInto(PAY_RUN_CLOSING)
                .set(PAY_RUN_CLOSING.PAY_RUN_ID, runId)
                .set(PAY_RUN_CLOSING.CLOSING, closing)
                .set(PAY_RUN_CLOSING.LINES, sums.lines())
                .set(PAY_RUN_CLOSING.AMOUNTS, sums.amounts().value())
                .set(PAY_RUN_CLOSING.WITHHELD, sums.withheld().value())
                .execute();
    }

    /** What was noted with each close. */
    Map<Key, Sums> noted() {
        return sql.selectFrom(PAY_RUN_CLOSING)
                .fetchMap(
                        row -> new Key(row.getPayRunId(), row.getClosing()),
                        row -> new Sums(row.getLines(), new Amount(row.getAmounts()), new Amount(row.getWithheld())));
    }

    /** What stands there now of each close. */
    Map<Key, Sums> found() {
        var amounts = DSL.sum(POSTED_LINE.AMOUNT);
        var withheld = DSL.sum(POSTED_LINE.WITHHELD);
        return sql.select(POSTED_LINE.PAY_RUN_ID, POSTED_LINE.CLOSING, DSL.count(), amounts, withheld)
                .from(POSTED_LINE)
                .where(POSTED_LINE.SORT.ne(NewPosting.Sort.REVERSAL.name()))
                .groupBy(POSTED_LINE.PAY_RUN_ID, POSTED_LINE.CLOSING)
                .fetchMap(
                        row -> new Key(row.value1(), row.value2()),
                        row -> new Sums(row.value3(), new Amount(row.value4()), new Amount(row.value5())));
    }
}
