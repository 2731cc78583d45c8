package upahead.server.enrolment;

import static upahead.server.database.Tables.POLICY_EXCEPTION;
import static upahead.server.platform.sql.Among.among;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import upahead.server.database.tables.records.PolicyExceptionRecord;
import upahead.server.platform.json.StoredJson;

/** Exceptions of persons from policies. */
@Repository
class ExceptionStore {

    private final DSLContext sql;
    private final StoredJson json;

    ExceptionStore(DSLContext sql, StoredJson json) {
        this.sql = sql;
        this.json = json;
    }

    long add(PersonException exception) {
        return sql.insertInto(POLICY_EXCEPTION)
                .set(POLICY_EXCEPTION.PERSON_ID, exception.personId())
                .set(POLICY_EXCEPTION.POLICY_ID, exception.policyId())
                .set(POLICY_EXCEPTION.STARTS, exception.from())
                .set(POLICY_EXCEPTION.ENDS, exception.to())
                .set(POLICY_EXCEPTION.FIGURES, json.written(exception.figures()))
                .set(POLICY_EXCEPTION.REASON, exception.reason())
                .set(POLICY_EXCEPTION.AUTHOR, exception.author())
                .returningResult(POLICY_EXCEPTION.ID)
                .fetchOne(POLICY_EXCEPTION.ID);
    }

    Optional<PersonException> find(long id) {
        return sql.selectFrom(POLICY_EXCEPTION)
                .where(POLICY_EXCEPTION.ID.eq(id))
                .fetchOptional()
                .map(this::exception);
    }

    void setEnd(long id, LocalDate to) {
        sql.update(POLICY_EXCEPTION)
                .set(POLICY_EXCEPTION.ENDS, to)
                .where(POLICY_EXCEPTION.ID.eq(id))
                .execute();
    }

    void remove(long id) {
        sql.deleteFrom(POLICY_EXCEPTION).where(POLICY_EXCEPTION.ID.eq(id)).execute();
    }

    /** In the order in which they were made, so that a later one holds where two meet. */
    List<PersonException> of(Collection<Long> people) {
        return sql.selectFrom(POLICY_EXCEPTION)
                .where(among(POLICY_EXCEPTION.PERSON_ID, people))
                .orderBy(POLICY_EXCEPTION.ID)
                .fetch(this::exception);
    }

    private PersonException exception(PolicyExceptionRecord row) {
        return new PersonException(
                row.getId(),
                row.getPersonId(),
                row.getPolicyId(),
                row.getStarts(),
                row.getEnds(),
                json.read(row.getFigures(), OwnFigures.class),
                row.getReason(),
                row.getAuthor());
    }
}
