package upahead.server.periods;

import static upahead.server.database.Tables.LATE_CHANGE;
import static upahead.server.platform.sql.Among.among;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import upahead.server.database.tables.records.LateChangeRecord;

/** Late changes. */
@Repository
class LateChangeStore {

    private final DSLContext sql;

    LateChangeStore(DSLContext sql) {
        this.sql = sql;
    }

    void add(LateChange change) {
        sql.insertInto(LATE_CHANGE)
                .set(LATE_CHANGE.AT, change.at())
                .set(LATE_CHANGE.ACTOR, change.actor())
                .set(LATE_CHANGE.PERSON_ID, change.personId())
                .set(LATE_CHANGE.POLICY_ID, change.policyId())
                .set(LATE_CHANGE.AFFECTS_FROM, change.affectsFrom())
                .set(LATE_CHANGE.WHAT, change.what())
                .set(LATE_CHANGE.SUBJECT, change.subject().name())
                .set(LATE_CHANGE.SUBJECT_ID, change.subjectId())
                .execute();
    }

    List<LateChange> since(long id) {
        return sql.selectFrom(LATE_CHANGE)
                .where(LATE_CHANGE.ID.gt(id))
                .orderBy(LATE_CHANGE.ID)
                .fetch(LateChangeStore::change);
    }

    List<LateChange> get(Collection<Long> ids) {
        return sql.selectFrom(LATE_CHANGE).where(among(LATE_CHANGE.ID, ids)).fetch(LateChangeStore::change);
    }

    long newest() {
        return Optional.ofNullable(
                        sql.select(DSL.max(LATE_CHANGE.ID)).from(LATE_CHANGE).fetchOne(DSL.max(LATE_CHANGE.ID)))
                .orElse(0L);
    }

    private static LateChange change(LateChangeRecord row) {
        return new LateChange(
                row.getId(),
                row.getAt(),
                row.getActor(),
                row.getPersonId(),
                row.getPolicyId(),
                row.getAffectsFrom(),
                row.getWhat(),
                LateChange.Subject.valueOf(row.getSubject()),
                row.getSubjectId());
    }

    void removeOf(long personId) {
        sql.deleteFrom(LATE_CHANGE).where(LATE_CHANGE.PERSON_ID.eq(personId)).execute();
    }
}
