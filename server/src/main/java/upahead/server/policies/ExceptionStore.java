package upahead.server.policies;

import static upahead.server.database.Tables.POLICY_EXCEPTION;
import static upahead.server.sql.Among.among;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.util.Collection;
import java.util.List;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import upahead.server.database.tables.records.PolicyExceptionRecord;

/** Exceptions of persons from policies. */
@Repository
class ExceptionStore {

    private final DSLContext sql;
    private final ObjectMapper json;

    ExceptionStore(DSLContext sql, ObjectMapper json) {
        this.sql = sql;
        this.json = json;
    }

    long add(PersonException exception) {
        return sql.insertInto(POLICY_EXCEPTION)
                .set(POLICY_EXCEPTION.PERSON_ID, exception.personId())
                .set(POLICY_EXCEPTION.POLICY_ID, exception.policyId())
                .set(POLICY_EXCEPTION.STARTS, exception.from())
                .set(POLICY_EXCEPTION.ENDS, exception.to())
                .set(POLICY_EXCEPTION.FIGURES, written(exception.figures()))
                .set(POLICY_EXCEPTION.REASON, exception.reason())
                .set(POLICY_EXCEPTION.AUTHOR, exception.author())
                .returningResult(POLICY_EXCEPTION.ID)
                .fetchOne(POLICY_EXCEPTION.ID);
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
                read(row.getFigures()),
                row.getReason(),
                row.getAuthor());
    }

    private String written(OwnFigures figures) {
        try {
            return json.writeValueAsString(figures);
        } catch (JsonProcessingException unwritable) {
            throw new IllegalStateException("figures cannot be written", unwritable);
        }
    }

    private OwnFigures read(String figures) {
        try {
            return json.readValue(figures, OwnFigures.class);
        } catch (JsonProcessingException unreadable) {
            throw new IllegalStateException("stored figures cannot be read", unreadable);
        }
    }
}
