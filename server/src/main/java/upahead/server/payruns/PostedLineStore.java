package upahead.server.payruns;

import static upahead.server.database.Tables.PAY_RUN;
import static upahead.server.database.Tables.POSTED_LINE;
import static upahead.server.platform.sql.Among.among;

import java.math.BigDecimal;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import upahead.core.ledger.LineKind;
import upahead.core.payrun.Frozen;
import upahead.core.payrun.NewPosting;
import upahead.core.quantity.Amount;
import upahead.server.platform.sql.Inserts;
import upahead.server.platform.sql.Rows;

/** The lines that runs froze. They are only ever added. */
@Repository
class PostedLineStore {

    /** The account a line belongs to. */
    record AccountKey(long personId, long policyId) {}

    /**
     * A frozen line.
     *
     * @param closing which close of its run froze it, from 1 on
     * @param lateChangeId what caused a correction, null for any other line
     */
    record Posted(long runId, int closing, AccountKey account, NewPosting line, Long lateChangeId) {}

    private final DSLContext sql;

    PostedLineStore(DSLContext sql) {
        this.sql = sql;
    }

    void add(List<Posted> lines) {
        Inserts.byHand(
                sql,
                POSTED_LINE,
                List.of(
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
                        POSTED_LINE.LATE_CHANGE_ID),
                lines,
                PostedLineStore::bind);
    }

    private static void bind(PreparedStatement batch, Posted posted) throws SQLException {
        NewPosting line = posted.line();
        batch.setLong(1, posted.runId());
        batch.setInt(2, posted.closing());
        batch.setLong(3, posted.account().personId());
        batch.setLong(4, posted.account().policyId());
        batch.setObject(5, line.on());
        batch.setObject(6, line.about());
        batch.setString(7, line.sort().name());
        batch.setString(8, line.kind().name());
        batch.setBigDecimal(9, line.amount().value());
        batch.setBigDecimal(10, line.withheld().value());
        batch.setString(11, line.why());
        batch.setObject(12, posted.lateChangeId());
    }

    /** What was posted for the accounts of some people, as later closes need it. */
    Map<AccountKey, List<Frozen>> frozen(Collection<Long> people) {
        Map<AccountKey, List<Frozen>> frozen = new HashMap<>();
        Rows.each(
                sql.select(
                                POSTED_LINE.PERSON_ID,
                                POSTED_LINE.POLICY_ID,
                                POSTED_LINE.ABOUT,
                                POSTED_LINE.KIND,
                                POSTED_LINE.AMOUNT,
                                POSTED_LINE.WITHHELD)
                        .from(POSTED_LINE)
                        .where(among(POSTED_LINE.PERSON_ID, people)),
                row -> frozen.computeIfAbsent(
                                new AccountKey(row.getLong(1), row.getLong(2)), unused -> new ArrayList<>())
                        .add(new Frozen(
                                row.getObject(3, LocalDate.class),
                                LineKind.valueOf(row.getString(4)),
                                new Amount(row.getBigDecimal(5)),
                                new Amount(row.getBigDecimal(6)))));
        return frozen;
    }

    /** The balances that other runs had posted before a run: before its first day, or as those of leavers in its period. */
    Map<AccountKey, Amount> openings(Collection<Long> people, PayRun run) {
        Condition beforePeriod = POSTED_LINE.POSTED_ON.lt(run.firstDay());
        var ofLeavers = sql.select(PAY_RUN.ID)
                .from(PAY_RUN)
                .where(PAY_RUN.PAY_GROUP_ID.eq(run.payGroupId()))
                .and(PAY_RUN.FIRST_DAY.eq(run.firstDay()))
                .and(PAY_RUN.OFF_CYCLE_OF.in(people));
        return sql.select(POSTED_LINE.PERSON_ID, POSTED_LINE.POLICY_ID, DSL.sum(POSTED_LINE.AMOUNT))
                .from(POSTED_LINE)
                .where(among(POSTED_LINE.PERSON_ID, people))
                .and(POSTED_LINE.PAY_RUN_ID.ne(run.id()))
                .and(run.isOffCycle() ? beforePeriod : beforePeriod.or(POSTED_LINE.PAY_RUN_ID.in(ofLeavers)))
                .groupBy(POSTED_LINE.PERSON_ID, POSTED_LINE.POLICY_ID)
                .fetchMap(
                        row -> new AccountKey(row.value1(), row.value2()),
                        row -> new Amount(or(row.value3(), BigDecimal.ZERO)));
    }

    /** The lines of the newest close of a run, without reversals, for some people. */
    Map<AccountKey, List<Posted>> ofNewestClose(PayRun run, Collection<Long> people) {
        return sql.select()
                .from(POSTED_LINE)
                .where(POSTED_LINE.PAY_RUN_ID.eq(run.id()))
                .and(POSTED_LINE.CLOSING.eq(run.closings()))
                .and(POSTED_LINE.SORT.ne(NewPosting.Sort.REVERSAL.name()))
                .and(among(POSTED_LINE.PERSON_ID, people))
                .orderBy(POSTED_LINE.ID)
                .fetchGroups(PostedLineStore::key, PostedLineStore::posted);
    }

    /** A batch of the lines of the newest close of a run that follow a line, in the order in which they were posted. */
    Map<Long, Posted> ofNewestCloseAfter(PayRun run, long lineId, int most) {
        return sql.select()
                .from(POSTED_LINE)
                .where(POSTED_LINE.PAY_RUN_ID.eq(run.id()))
                .and(POSTED_LINE.CLOSING.eq(run.closings()))
                .and(POSTED_LINE.SORT.ne(NewPosting.Sort.REVERSAL.name()))
                .and(POSTED_LINE.ID.gt(lineId))
                .orderBy(POSTED_LINE.ID)
                .limit(most)
                .fetchMap(POSTED_LINE.ID, PostedLineStore::posted);
    }

    /** Everything posted for one account that is no plain line of its period, newest first. */
    List<Posted> corrections(AccountKey account) {
        return sql.select()
                .from(POSTED_LINE)
                .where(POSTED_LINE.PERSON_ID.eq(account.personId()))
                .and(POSTED_LINE.POLICY_ID.eq(account.policyId()))
                .and(POSTED_LINE.SORT.ne(NewPosting.Sort.PERIOD.name()))
                .orderBy(POSTED_LINE.ID.desc())
                .fetch(PostedLineStore::posted);
    }

    private static AccountKey key(Record row) {
        return new AccountKey(row.get(POSTED_LINE.PERSON_ID), row.get(POSTED_LINE.POLICY_ID));
    }

    private static Posted posted(Record row) {
        return new Posted(
                row.get(POSTED_LINE.PAY_RUN_ID),
                row.get(POSTED_LINE.CLOSING),
                key(row),
                new NewPosting(
                        row.get(POSTED_LINE.POSTED_ON),
                        row.get(POSTED_LINE.ABOUT),
                        NewPosting.Sort.valueOf(row.get(POSTED_LINE.SORT)),
                        LineKind.valueOf(row.get(POSTED_LINE.KIND)),
                        new Amount(row.get(POSTED_LINE.AMOUNT)),
                        new Amount(row.get(POSTED_LINE.WITHHELD)),
                        row.get(POSTED_LINE.WHY)),
                row.get(POSTED_LINE.LATE_CHANGE_ID));
    }

    private static <T> T or(T value, T otherwise) {
        return value == null ? otherwise : value;
    }
}
