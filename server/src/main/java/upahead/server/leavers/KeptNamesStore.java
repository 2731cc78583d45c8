package upahead.server.leavers;

import static upahead.server.database.Tables.KEPT_NAME;
import static upahead.server.database.Tables.LEAVERS_RULE;

import java.time.LocalDateTime;
import java.util.Map;
import java.util.Optional;
import org.jooq.DSLContext;
import org.jooq.Records;
import org.springframework.stereotype.Repository;

/** How long names of those who left stay, and whose stays longer. */
@Repository
class KeptNamesStore {

    private final DSLContext sql;

    KeptNamesStore(DSLContext sql) {
        this.sql = sql;
    }

    Optional<Integer> months() {
        return sql.select(LEAVERS_RULE.MONTHS).from(LEAVERS_RULE).fetchOptional(LEAVERS_RULE.MONTHS);
    }

    /** Sets how many months, or takes the rule away. */
    void setMonths(Integer months) {
        sql.deleteFrom(LEAVERS_RULE).execute();
        if (months != null) {
            sql.insertInto(LEAVERS_RULE, LEAVERS_RULE.MONTHS).values(months).execute();
        }
    }

    Map<Long, KeptName> kept() {
        return sql.select(KEPT_NAME.PERSON_ID, KEPT_NAME.REASON, KEPT_NAME.KEPT_BY, KEPT_NAME.AT)
                .from(KEPT_NAME)
                .fetchMap(KEPT_NAME.PERSON_ID, Records.mapping((id, reason, by, at) -> new KeptName(reason, by, at)));
    }

    void keep(long personId, String reason, String by, LocalDateTime at) {
        release(personId);
        sql.insertInto(KEPT_NAME, KEPT_NAME.PERSON_ID, KEPT_NAME.REASON, KEPT_NAME.KEPT_BY, KEPT_NAME.AT)
                .values(personId, reason, by, at)
                .execute();
    }

    void release(long personId) {
        sql.deleteFrom(KEPT_NAME).where(KEPT_NAME.PERSON_ID.eq(personId)).execute();
    }
}
