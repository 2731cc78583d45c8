package upahead.server.audit;

import static upahead.server.database.Tables.AUDIT_RECORD;

import java.time.LocalDateTime;
import java.util.List;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import upahead.server.database.tables.records.AuditRecordRecord;

/** The audit trail; records are only ever added. */
@Repository
class AuditStore {

    private final DSLContext sql;

    AuditStore(DSLContext sql) {
        this.sql = sql;
    }

    /** One change to be written down. */
    record Entry(
            LocalDateTime at, String actor, String subject, long subjectId, String what, String before, String after) {}

    void add(List<Entry> entries) {
        sql.batchInsert(entries.stream()
                        .map(each -> {
                            AuditRecordRecord row = sql.newRecord(AUDIT_RECORD);
                            row.setAt(each.at());
                            row.setActor(each.actor());
                            row.setSubject(each.subject());
                            row.setSubjectId(each.subjectId());
                            row.setWhat(each.what());
                            row.setBeforeChange(each.before());
                            row.setAfterChange(each.after());
                            return row;
                        })
                        .toList())
                .execute();
    }
}
