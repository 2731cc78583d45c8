package upahead.server.policies.examples;

import static upahead.server.database.Tables.POLICY_EXAMPLE;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import upahead.server.database.tables.records.PolicyExampleRecord;

/** The examples of all policies. */
@Repository
class ExampleStore {

    private final DSLContext sql;

    ExampleStore(DSLContext sql) {
        this.sql = sql;
    }

    /** In order of their names. */
    List<PolicyExample> of(long policyId) {
        return sql.selectFrom(POLICY_EXAMPLE)
                .where(POLICY_EXAMPLE.POLICY_ID.eq(policyId))
                .orderBy(POLICY_EXAMPLE.NAME)
                .fetch(ExampleStore::example);
    }

    Optional<PolicyExample> find(long policyId, long id) {
        return sql.selectFrom(POLICY_EXAMPLE)
                .where(POLICY_EXAMPLE.ID.eq(id))
                .and(POLICY_EXAMPLE.POLICY_ID.eq(policyId))
                .fetchOptional(ExampleStore::example);
    }

    void add(long policyId, String name, String written, LocalDateTime at, String by) {
        sql.insertInto(POLICY_EXAMPLE)
                .set(POLICY_EXAMPLE.POLICY_ID, policyId)
                .set(POLICY_EXAMPLE.NAME, name)
                .set(POLICY_EXAMPLE.WRITTEN, written)
                .set(POLICY_EXAMPLE.EDITS, 0)
                .set(POLICY_EXAMPLE.KEPT_AT, at)
                .set(POLICY_EXAMPLE.KEPT_BY, by)
                .execute();
    }

    /** Changes an example, if it is still as it was seen; tells whether it was. */
    boolean change(long id, int seenEdits, String name, String written, LocalDateTime at, String by) {
        return sql.update(POLICY_EXAMPLE)
                        .set(POLICY_EXAMPLE.NAME, name)
                        .set(POLICY_EXAMPLE.WRITTEN, written)
                        .set(POLICY_EXAMPLE.EDITS, seenEdits + 1)
                        .set(POLICY_EXAMPLE.KEPT_AT, at)
                        .set(POLICY_EXAMPLE.KEPT_BY, by)
                        .where(POLICY_EXAMPLE.ID.eq(id))
                        .and(POLICY_EXAMPLE.EDITS.eq(seenEdits))
                        .execute()
                == 1;
    }

    /** Removes an example, if it is still as it was seen; tells whether it was. */
    boolean remove(long id, int seenEdits) {
        return sql.deleteFrom(POLICY_EXAMPLE)
                        .where(POLICY_EXAMPLE.ID.eq(id))
                        .and(POLICY_EXAMPLE.EDITS.eq(seenEdits))
                        .execute()
                == 1;
    }

    private static PolicyExample example(PolicyExampleRecord row) {
        return new PolicyExample(
                row.getId(),
                row.getPolicyId(),
                row.getName(),
                row.getWritten(),
                row.getEdits(),
                row.getKeptAt(),
                row.getKeptBy());
    }
}
