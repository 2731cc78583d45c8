package upahead.server.changes;

import static upahead.server.database.Tables.LATE_CHANGE;
import static upahead.server.database.Tables.PAY_RUN;
import static upahead.server.database.Tables.PERSON_PLACEMENT;
import static upahead.server.sql.Among.among;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import upahead.server.database.tables.records.LateChangeRecord;

/** Late changes, and up to when runs are closed. */
@Repository
class LateChangeStore {

    private static final String CLOSED = "CLOSED";

    private final DSLContext sql;

    LateChangeStore(DSLContext sql) {
        this.sql = sql;
    }

    /** The last day of the newest closed run of a person's pay groups, or of all groups where no person is given. */
    Optional<LocalDate> closedThrough(Long personId) {
        Condition group = personId == null
                ? DSL.noCondition()
                : PAY_RUN.PAY_GROUP_ID.in(DSL.select(PERSON_PLACEMENT.PAY_GROUP_ID)
                        .from(PERSON_PLACEMENT)
                        .where(PERSON_PLACEMENT.PERSON_ID.eq(personId)));
        return sql.select(DSL.max(PAY_RUN.LAST_DAY))
                .from(PAY_RUN)
                .where(PAY_RUN.STATE.eq(CLOSED))
                .and(group)
                .fetchOptional(DSL.max(PAY_RUN.LAST_DAY));
    }

    /** The last day of the newest closed run of a pay group. */
    Optional<LocalDate> closedThroughIn(long payGroupId) {
        return sql.select(DSL.max(PAY_RUN.LAST_DAY))
                .from(PAY_RUN)
                .where(PAY_RUN.STATE.eq(CLOSED))
                .and(PAY_RUN.PAY_GROUP_ID.eq(payGroupId))
                .fetchOptional(DSL.max(PAY_RUN.LAST_DAY));
    }

    /** The first day that is not closed of each pay group that has a run. */
    Map<Long, LocalDate> openSince() {
        var closed = DSL.max(DSL.when(PAY_RUN.STATE.eq(CLOSED), PAY_RUN.LAST_DAY));
        return sql.select(PAY_RUN.PAY_GROUP_ID, closed, DSL.min(PAY_RUN.FIRST_DAY))
                .from(PAY_RUN)
                .groupBy(PAY_RUN.PAY_GROUP_ID)
                .fetchMap(
                        PAY_RUN.PAY_GROUP_ID,
                        row -> row.value2() == null
                                ? row.value3()
                                : row.value2().plusDays(1));
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
