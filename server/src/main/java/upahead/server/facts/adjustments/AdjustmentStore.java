package upahead.server.facts.adjustments;

import static upahead.server.database.Tables.ADJUSTMENT;
import static upahead.server.platform.sql.Among.among;

import jakarta.annotation.Nullable;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import upahead.core.facts.Adjustment;
import upahead.core.quantity.Amount;
import upahead.server.database.tables.records.AdjustmentRecord;

/** Adjustments of balances. */
@Repository
class AdjustmentStore {

    private final DSLContext sql;

    AdjustmentStore(DSLContext sql) {
        this.sql = sql;
    }

    Map<Long, List<AdjustmentFact>> of(Collection<Long> people) {
        return sql.selectFrom(ADJUSTMENT)
                .where(among(ADJUSTMENT.PERSON_ID, people))
                .fetchGroups(ADJUSTMENT.PERSON_ID, AdjustmentStore::fact);
    }

    Optional<AdjustmentFact> find(long id) {
        return sql.selectFrom(ADJUSTMENT).where(ADJUSTMENT.ID.eq(id)).fetchOptional(AdjustmentStore::fact);
    }

    void remove(long id) {
        sql.deleteFrom(ADJUSTMENT).where(ADJUSTMENT.ID.eq(id)).execute();
    }

    private static AdjustmentFact fact(AdjustmentRecord row) {
        return new AdjustmentFact(
                row.getPersonId(),
                row.getPolicyId(),
                new Adjustment(row.getOnDate(), new Amount(row.getAmount()), row.getReason()));
    }

    /** Tells its id. */
    long add(long personId, long policyId, Adjustment adjustment, String author, @Nullable Long togetherId) {
        return sql.insertInto(ADJUSTMENT)
                .set(ADJUSTMENT.PERSON_ID, personId)
                .set(ADJUSTMENT.POLICY_ID, policyId)
                .set(ADJUSTMENT.ON_DATE, adjustment.on())
                .set(ADJUSTMENT.AMOUNT, adjustment.amount().value())
                .set(ADJUSTMENT.REASON, adjustment.reason())
                .set(ADJUSTMENT.AUTHOR, author)
                .set(ADJUSTMENT.TOGETHER_ID, togetherId)
                .returningResult(ADJUSTMENT.ID)
                .fetchOne(ADJUSTMENT.ID);
    }
}
