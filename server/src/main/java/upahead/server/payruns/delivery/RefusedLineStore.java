package upahead.server.payruns.delivery;

import static upahead.server.database.Tables.REFUSED_LINE;
import static upahead.server.platform.sql.Among.among;

import java.time.LocalDateTime;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import upahead.server.database.tables.records.RefusedLineRecord;

/** What payroll has refused, and how it was settled. */
@Repository
class RefusedLineStore {

    private final DSLContext sql;

    RefusedLineStore(DSLContext sql) {
        this.sql = sql;
    }

    /** Notes a refusal, of a line that was refused before, too. */
    void refuse(long runId, long lineId, String reason, LocalDateTime at) {
        int before = sql.update(REFUSED_LINE)
                .set(REFUSED_LINE.REASON, reason)
                .set(REFUSED_LINE.REFUSED_AT, at)
                .setNull(REFUSED_LINE.SETTLED_AT)
                .setNull(REFUSED_LINE.SETTLED_BY)
                .setNull(REFUSED_LINE.NOTE)
                .where(REFUSED_LINE.LINE_ID.eq(lineId))
                .execute();
        if (before == 0) {
            sql.insertInto(REFUSED_LINE)
                    .set(REFUSED_LINE.PAY_RUN_ID, runId)
                    .set(REFUSED_LINE.LINE_ID, lineId)
                    .set(REFUSED_LINE.REASON, reason)
                    .set(REFUSED_LINE.REFUSED_AT, at)
                    .execute();
        }
    }

    /** Settles those of some lines that are not settled; tells how many. */
    int settle(Collection<Long> lines, String by, LocalDateTime at, String note) {
        return sql.update(REFUSED_LINE)
                .set(REFUSED_LINE.SETTLED_AT, at)
                .set(REFUSED_LINE.SETTLED_BY, by)
                .set(REFUSED_LINE.NOTE, note)
                .where(among(REFUSED_LINE.LINE_ID, lines))
                .and(REFUSED_LINE.SETTLED_AT.isNull())
                .execute();
    }

    /** Of a run, in the order in which they were refused. */
    List<RefusedLine> of(long runId) {
        return sql.selectFrom(REFUSED_LINE)
                .where(REFUSED_LINE.PAY_RUN_ID.eq(runId))
                .orderBy(REFUSED_LINE.ID)
                .fetch(RefusedLineStore::line);
    }

    /** How many are not settled, by the ids of their runs. */
    Map<Long, Integer> open() {
        return sql.select(REFUSED_LINE.PAY_RUN_ID, DSL.count())
                .from(REFUSED_LINE)
                .where(REFUSED_LINE.SETTLED_AT.isNull())
                .groupBy(REFUSED_LINE.PAY_RUN_ID)
                .fetchMap(REFUSED_LINE.PAY_RUN_ID, DSL.count());
    }

    private static RefusedLine line(RefusedLineRecord row) {
        return new RefusedLine(
                row.getLineId(),
                row.getPayRunId(),
                row.getReason(),
                row.getRefusedAt(),
                row.getSettledAt() == null
                        ? null
                        : new RefusedLine.Settled(row.getSettledBy(), row.getSettledAt(), row.getNote()));
    }
}
