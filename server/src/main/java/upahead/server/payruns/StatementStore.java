package upahead.server.payruns;

import static upahead.server.database.Tables.PAY_RUN;
import static upahead.server.database.Tables.PAY_STATEMENT;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import upahead.server.database.tables.records.PayStatementRecord;
import upahead.server.platform.json.StoredJson;
import upahead.server.platform.sql.Inserts;

/** The figures of each person with which a run was checked. Those of a close that was made never change. */
@Repository
class StatementStore {

    private final DSLContext sql;
    private final StoredJson json;

    StatementStore(DSLContext sql, StoredJson json) {
        this.sql = sql;
        this.json = json;
    }

    /** Keeps the figures for the next close of a run instead of those of an earlier check. */
    void keep(PayRun run, List<Fingerprint.Taken> people) {
        sql.deleteFrom(PAY_STATEMENT)
                .where(PAY_STATEMENT.PAY_RUN_ID.eq(run.id()))
                .and(PAY_STATEMENT.CLOSING.eq(run.closing()))
                .execute();
        Inserts.all(sql, people.stream().map(person -> row(run, person)).toList());
    }

    private PayStatementRecord row(PayRun run, Fingerprint.Taken person) {
        PayStatementRecord row = new PayStatementRecord();
        row.setPayRunId(run.id());
        row.setClosing(run.closing());
        row.setPersonId(person.statement().personId());
        row.setFingerprint(person.fingerprint());
        row.setStatement(json.written(person.statement()));
        return row;
    }

    /** By the people's ids; empty where the run was not checked. */
    Map<Long, String> fingerprints(PayRun run) {
        return sql.select(PAY_STATEMENT.PERSON_ID, PAY_STATEMENT.FINGERPRINT)
                .from(PAY_STATEMENT)
                .where(PAY_STATEMENT.PAY_RUN_ID.eq(run.id()))
                .and(PAY_STATEMENT.CLOSING.eq(run.closing()))
                .fetchMap(PAY_STATEMENT.PERSON_ID, PAY_STATEMENT.FINGERPRINT);
    }

    Optional<Statement> of(PayRun run, long personId) {
        return sql.select(PAY_STATEMENT.STATEMENT)
                .from(PAY_STATEMENT)
                .where(PAY_STATEMENT.PAY_RUN_ID.eq(run.id()))
                .and(PAY_STATEMENT.CLOSING.eq(run.closing()))
                .and(PAY_STATEMENT.PERSON_ID.eq(personId))
                .fetchOptional(row -> json.read(row.value1(), Statement.class));
    }

    /** The closed runs that have one of somebody, the newest first. */
    List<PayRun> runsOf(long personId) {
        return sql.select(PAY_RUN.fields())
                .from(PAY_RUN)
                .join(PAY_STATEMENT)
                .on(PAY_STATEMENT.PAY_RUN_ID.eq(PAY_RUN.ID))
                .and(PAY_STATEMENT.CLOSING.eq(PAY_RUN.CLOSINGS))
                .where(PAY_STATEMENT.PERSON_ID.eq(personId))
                .and(PAY_RUN.STATE.eq(RunState.CLOSED.name()))
                .orderBy(PAY_RUN.LAST_DAY.desc())
                .fetch(row -> PayRunStore.run(row.into(PAY_RUN)));
    }

    /** The ids of the people who have one of a run, the lowest first. */
    List<Long> people(PayRun run) {
        return sql.select(PAY_STATEMENT.PERSON_ID)
                .from(PAY_STATEMENT)
                .where(PAY_STATEMENT.PAY_RUN_ID.eq(run.id()))
                .and(PAY_STATEMENT.CLOSING.eq(run.closing()))
                .orderBy(PAY_STATEMENT.PERSON_ID)
                .fetch(PAY_STATEMENT.PERSON_ID);
    }
}
