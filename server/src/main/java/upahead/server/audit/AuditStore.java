package upahead.server.audit;

import static upahead.server.database.Tables.AUDIT_RECORD;

import java.time.LocalDateTime;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** The audit trail; records are only ever added. */
@Repository
class AuditStore {

    private final DSLContext sql;

    AuditStore(DSLContext sql) {
        this.sql = sql;
    }

    void add(LocalDateTime at, String actor, String subject, long subjectId, String what, String before, String after) {
        sql.insertInto(AUDIT_RECORD)
                .set(AUDIT_RECORD.AT, at)
                .set(AUDIT_RECORD.ACTOR, actor)
                .set(AUDIT_RECORD.SUBJECT, subject)
                .set(AUDIT_RECORD.SUBJECT_ID, subjectId)
                .set(AUDIT_RECORD.WHAT, what)
                .set(AUDIT_RECORD.BEFORE_CHANGE, before)
                .set(AUDIT_RECORD.AFTER_CHANGE, after)
                .execute();
    }
}
