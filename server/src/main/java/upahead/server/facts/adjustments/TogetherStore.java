package upahead.server.facts.adjustments;

import static upahead.server.database.Tables.ADJUSTED_TOGETHER;
import static upahead.server.database.Tables.ADJUSTMENT;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import upahead.server.database.tables.records.AdjustedTogetherRecord;

/** Which adjustments were made together. */
@Repository
class TogetherStore {

    private static final int SHOWN = 100;

    private final DSLContext sql;

    TogetherStore(DSLContext sql) {
        this.sql = sql;
    }

    long add(LocalDateTime at, String author, String what, int balances) {
        return sql.insertInto(ADJUSTED_TOGETHER)
                .set(ADJUSTED_TOGETHER.MADE_AT, at)
                .set(ADJUSTED_TOGETHER.AUTHOR, author)
                .set(ADJUSTED_TOGETHER.WHAT, what)
                .set(ADJUSTED_TOGETHER.BALANCES, balances)
                .returningResult(ADJUSTED_TOGETHER.ID)
                .fetchOne(ADJUSTED_TOGETHER.ID);
    }

    /** The newest first, at most a hundred. */
    List<Together> all() {
        return sql.selectFrom(ADJUSTED_TOGETHER)
                .orderBy(ADJUSTED_TOGETHER.ID.desc())
                .limit(SHOWN)
                .fetch(TogetherStore::together);
    }

    Optional<Together> find(long id) {
        return sql.selectFrom(ADJUSTED_TOGETHER)
                .where(ADJUSTED_TOGETHER.ID.eq(id))
                .fetchOptional(TogetherStore::together);
    }

    /** The ids of the adjustments that are left of those made together. */
    List<Long> adjustments(long id) {
        return sql.select(ADJUSTMENT.ID)
                .from(ADJUSTMENT)
                .where(ADJUSTMENT.TOGETHER_ID.eq(id))
                .orderBy(ADJUSTMENT.ID)
                .fetch(ADJUSTMENT.ID);
    }

    /** Tells whether they were not taken back before. */
    boolean undo(long id, LocalDateTime at, String by, String because) {
        return sql.update(ADJUSTED_TOGETHER)
                        .set(ADJUSTED_TOGETHER.UNDONE_AT, at)
                        .set(ADJUSTED_TOGETHER.UNDONE_BY, by)
                        .set(ADJUSTED_TOGETHER.UNDONE_BECAUSE, because)
                        .where(ADJUSTED_TOGETHER.ID.eq(id))
                        .and(ADJUSTED_TOGETHER.UNDONE_AT.isNull())
                        .execute()
                == 1;
    }

    private static Together together(AdjustedTogetherRecord row) {
        return new Together(
                row.getId(),
                row.getMadeAt(),
                row.getAuthor(),
                row.getWhat(),
                row.getBalances(),
                row.getUndoneAt(),
                row.getUndoneBy(),
                row.getUndoneBecause());
    }
}
