package upahead.server.platform.audit;

import static upahead.server.database.Tables.AUDIT_RECORD;

import java.time.LocalDateTime;
import java.util.List;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import upahead.server.database.tables.records.AuditRecordRecord;
import upahead.server.platform.sql.AnyCase;
import upahead.server.platform.sql.Inserts;

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
        Inserts.all(
                sql,
                entries.stream()
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
                        .toList());
    }

    List<AuditRecord> read(AuditQuery query) {
        return sql.selectFrom(AUDIT_RECORD)
                .where(matching(query))
                .orderBy(AUDIT_RECORD.ID.desc())
                .limit(query.size())
                .offset((long) query.page() * query.size())
                .fetch(row -> new AuditRecord(
                        row.getId(),
                        row.getAt(),
                        row.getActor(),
                        row.getSubject(),
                        row.getSubjectId(),
                        null,
                        row.getWhat(),
                        row.getBeforeChange(),
                        row.getAfterChange()));
    }

    int count(AuditQuery query) {
        return sql.fetchCount(AUDIT_RECORD, matching(query));
    }

    /** What kinds of things were changed. */
    List<String> subjects() {
        return sql.selectDistinct(AUDIT_RECORD.SUBJECT)
                .from(AUDIT_RECORD)
                .orderBy(AUDIT_RECORD.SUBJECT)
                .fetch(AUDIT_RECORD.SUBJECT);
    }

    private static Condition matching(AuditQuery query) {
        Condition condition = DSL.noCondition();
        if (query.subject() != null) {
            condition = condition.and(AUDIT_RECORD.SUBJECT.eq(query.subject()));
        }
        if (query.subjectId() != null) {
            condition = condition.and(AUDIT_RECORD.SUBJECT_ID.eq(query.subjectId()));
        }
        if (query.actor() != null && !query.actor().isBlank()) {
            condition = condition.and(
                    AnyCase.contains(AUDIT_RECORD.ACTOR, query.actor().strip()));
        }
        if (query.search() != null && !query.search().isBlank()) {
            String words = query.search().strip();
            condition = condition.and(AnyCase.contains(AUDIT_RECORD.WHAT, words)
                    .or(AnyCase.contains(AUDIT_RECORD.BEFORE_CHANGE, words))
                    .or(AnyCase.contains(AUDIT_RECORD.AFTER_CHANGE, words)));
        }
        if (query.from() != null) {
            condition = condition.and(AUDIT_RECORD.AT.ge(query.from().atStartOfDay()));
        }
        if (query.through() != null) {
            condition =
                    condition.and(AUDIT_RECORD.AT.lt(query.through().plusDays(1).atStartOfDay()));
        }
        return condition;
    }
}
