package upahead.server.facts.lieu;

import static upahead.server.database.Tables.LIEU_CREDIT;
import static upahead.server.platform.sql.Among.among;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import upahead.core.calendar.DateSpan;
import upahead.core.quantity.Amount;
import upahead.server.database.tables.records.LieuCreditRecord;

/** Extra hours that became time in lieu. */
@Repository
class LieuStore {

    /** A credit with the adjustment that it is. */
    record Kept(LieuCredit credit, long adjustmentId) {}

    private final DSLContext sql;

    LieuStore(DSLContext sql) {
        this.sql = sql;
    }

    void add(LieuCredit credit, long adjustmentId) {
        sql.insertInto(LIEU_CREDIT)
                .set(LIEU_CREDIT.PERSON_ID, credit.personId())
                .set(LIEU_CREDIT.POLICY_ID, credit.policyId())
                .set(LIEU_CREDIT.KIND, credit.kind())
                .set(LIEU_CREDIT.ON_DATE, credit.on())
                .set(LIEU_CREDIT.HOURS, credit.hours().value())
                .set(LIEU_CREDIT.RATE, credit.rate().value())
                .set(LIEU_CREDIT.ADJUSTMENT_ID, adjustmentId)
                .set(LIEU_CREDIT.CREDITED_BY, credit.by())
                .set(LIEU_CREDIT.CREDITED_AT, credit.at())
                .execute();
    }

    List<LieuCredit> of(Collection<Long> people, DateSpan days) {
        return sql.selectFrom(LIEU_CREDIT)
                .where(among(LIEU_CREDIT.PERSON_ID, people))
                .and(LIEU_CREDIT.ON_DATE.between(days.first(), days.last()))
                .orderBy(LIEU_CREDIT.ID)
                .fetch(row -> kept(row).credit());
    }

    Optional<Kept> find(long id) {
        return sql.selectFrom(LIEU_CREDIT).where(LIEU_CREDIT.ID.eq(id)).fetchOptional(LieuStore::kept);
    }

    void remove(long id) {
        sql.deleteFrom(LIEU_CREDIT).where(LIEU_CREDIT.ID.eq(id)).execute();
    }

    private static Kept kept(LieuCreditRecord row) {
        return new Kept(
                new LieuCredit(
                        row.getId(),
                        row.getPersonId(),
                        row.getPolicyId(),
                        row.getKind(),
                        row.getOnDate(),
                        new Amount(row.getHours()),
                        new Amount(row.getRate()),
                        row.getCreditedBy(),
                        row.getCreditedAt()),
                row.getAdjustmentId());
    }
}
