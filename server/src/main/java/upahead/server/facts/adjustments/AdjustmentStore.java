package upahead.server.facts.adjustments;

import static upahead.server.database.Tables.ADJUSTMENT;
import static upahead.server.platform.sql.Among.among;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import upahead.core.facts.Adjustment;
import upahead.core.quantity.Amount;

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
                .fetchGroups(
                        ADJUSTMENT.PERSON_ID,
                        row -> new AdjustmentFact(
                                row.getPersonId(),
                                row.getPolicyId(),
                                new Adjustment(row.getOnDate(), new Amount(row.getAmount()), row.getReason())));
    }

    void add(long personId, long policyId, Adjustment adjustment, String author) {
        sql.insertInto(ADJUSTMENT)
                .set(ADJUSTMENT.PERSON_ID, personId)
                .set(ADJUSTMENT.POLICY_ID, policyId)
                .set(ADJUSTMENT.ON_DATE, adjustment.on())
                .set(ADJUSTMENT.AMOUNT, adjustment.amount().value())
                .set(ADJUSTMENT.REASON, adjustment.reason())
                .set(ADJUSTMENT.AUTHOR, author)
                .execute();
    }
}
