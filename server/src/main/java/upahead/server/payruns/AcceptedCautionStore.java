package upahead.server.payruns;

import static upahead.server.database.Tables.ACCEPTED_CAUTION;

import java.time.LocalDateTime;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import upahead.server.database.tables.records.AcceptedCautionRecord;
import upahead.server.payruns.Caution.Accepted;
import upahead.server.payruns.Caution.Kind;
import upahead.server.platform.sql.Inserts;

/** Cautions that somebody has looked at, with the words in which they were told then. */
@Repository
class AcceptedCautionStore {

    /** A caution as it was told. */
    record Told(Caution.Key key, String words) {

        static Told of(Caution caution) {
            return new Told(caution.key(), caution.words());
        }
    }

    private final DSLContext sql;

    AcceptedCautionStore(DSLContext sql) {
        this.sql = sql;
    }

    void add(long runId, Collection<Caution> cautions, String note, String by, LocalDateTime at) {
        Inserts.all(
                sql,
                cautions.stream()
                        .map(caution -> row(runId, caution, note, by, at))
                        .toList());
    }

    private static AcceptedCautionRecord row(long runId, Caution caution, String note, String by, LocalDateTime at) {
        AcceptedCautionRecord row = new AcceptedCautionRecord();
        row.setPayRunId(runId);
        row.setPersonId(caution.personId());
        row.setPolicyId(caution.policyId());
        row.setKind(caution.kind().name());
        row.setWords(caution.words());
        row.setNote(note);
        row.setAcceptedAt(at);
        row.setAcceptedBy(by);
        return row;
    }

    /** The newest acceptance of each caution of a run. */
    Map<Told, Accepted> of(long runId) {
        Map<Told, List<Accepted>> all = sql.selectFrom(ACCEPTED_CAUTION)
                .where(ACCEPTED_CAUTION.PAY_RUN_ID.eq(runId))
                .orderBy(ACCEPTED_CAUTION.ID)
                .fetchGroups(
                        row -> new Told(
                                new Caution.Key(Kind.valueOf(row.getKind()), row.getPersonId(), row.getPolicyId()),
                                row.getWords()),
                        row -> new Accepted(row.getAcceptedBy(), row.getAcceptedAt(), row.getNote()));
        return all.entrySet().stream().collect(Collectors.toMap(Map.Entry::getKey, each -> each.getValue()
                .get(each.getValue().size() - 1)));
    }

    void remove(long runId, Told told) {
        Caution.Key key = told.key();
        sql.deleteFrom(ACCEPTED_CAUTION)
                .where(ACCEPTED_CAUTION.PAY_RUN_ID.eq(runId))
                .and(ACCEPTED_CAUTION.PERSON_ID.eq(key.personId()))
                .and(ACCEPTED_CAUTION.KIND.eq(key.kind().name()))
                .and(ACCEPTED_CAUTION.WORDS.eq(told.words()))
                .and(
                        key.policyId() == null
                                ? ACCEPTED_CAUTION.POLICY_ID.isNull()
                                : ACCEPTED_CAUTION.POLICY_ID.eq(key.policyId()))
                .execute();
    }
}
