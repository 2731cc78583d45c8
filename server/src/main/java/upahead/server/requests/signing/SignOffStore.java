package upahead.server.requests.signing;

import static upahead.server.database.Tables.SIGN_OFF;
import static upahead.server.employment.PeopleJoined.PERSON_NAME;
import static upahead.server.employment.PeopleJoined.peopleIfAny;
import static upahead.server.platform.sql.Among.among;

import java.time.LocalDateTime;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.springframework.stereotype.Repository;
import upahead.server.platform.access.Role;
import upahead.server.platform.access.SignedIn;

/** The approvals that requests need, given and open. */
@Repository
class SignOffStore {

    /** Who gives an approval: one person, or anybody of a role. */
    record Signer(Long personId, Role role) {}

    private final DSLContext sql;

    SignOffStore(DSLContext sql) {
        this.sql = sql;
    }

    void add(long requestId, List<Signer> signers) {
        for (int at = 0; at < signers.size(); at++) {
            Signer signer = signers.get(at);
            sql.insertInto(SIGN_OFF)
                    .set(SIGN_OFF.REQUEST_ID, requestId)
                    .set(SIGN_OFF.STEP, at + 1)
                    .set(SIGN_OFF.PERSON_ID, signer.personId())
                    .set(
                            SIGN_OFF.ROLE,
                            signer.role() == null ? null : signer.role().name())
                    .execute();
        }
    }

    void removeOf(long requestId) {
        sql.deleteFrom(SIGN_OFF).where(SIGN_OFF.REQUEST_ID.eq(requestId)).execute();
    }

    void sign(long requestId, int step, SignedIn by, LocalDateTime at) {
        sql.update(SIGN_OFF)
                .set(SIGN_OFF.SIGNED_BY_ID, by.id())
                .set(SIGN_OFF.SIGNER_ID, by.personId())
                .set(SIGN_OFF.SIGNED_BY, by.name())
                .set(SIGN_OFF.SIGNED_AT, at)
                .where(SIGN_OFF.REQUEST_ID.eq(requestId))
                .and(SIGN_OFF.STEP.eq(step))
                .execute();
    }

    /** Lets another person give an approval. */
    void give(long requestId, int step, long personId) {
        sql.update(SIGN_OFF)
                .set(SIGN_OFF.PERSON_ID, personId)
                .setNull(SIGN_OFF.ROLE)
                .where(SIGN_OFF.REQUEST_ID.eq(requestId))
                .and(SIGN_OFF.STEP.eq(step))
                .execute();
    }

    /** In their order. */
    List<SignOff> of(long requestId) {
        return peopleIfAny(sql.select(SIGN_OFF.asterisk(), PERSON_NAME).from(SIGN_OFF), SIGN_OFF.PERSON_ID)
                .where(SIGN_OFF.REQUEST_ID.eq(requestId))
                .orderBy(SIGN_OFF.STEP)
                .fetch(SignOffStore::signOff);
    }

    /** Those of some requests by the requests' ids, in their order. */
    Map<Long, List<SignOff>> of(Collection<Long> requests) {
        return peopleIfAny(sql.select(SIGN_OFF.asterisk(), PERSON_NAME).from(SIGN_OFF), SIGN_OFF.PERSON_ID)
                .where(among(SIGN_OFF.REQUEST_ID, requests))
                .orderBy(SIGN_OFF.REQUEST_ID, SIGN_OFF.STEP)
                .fetchGroups(SIGN_OFF.REQUEST_ID, SignOffStore::signOff);
    }

    private static SignOff signOff(Record row) {
        Role role = row.get(SIGN_OFF.ROLE) == null ? null : Role.valueOf(row.get(SIGN_OFF.ROLE));
        return new SignOff(
                row.get(SIGN_OFF.STEP),
                row.get(SIGN_OFF.PERSON_ID),
                role,
                role == null ? row.get(PERSON_NAME) : "any " + role.name().toLowerCase(Locale.ROOT),
                row.get(SIGN_OFF.SIGNED_BY_ID),
                row.get(SIGN_OFF.SIGNER_ID),
                row.get(SIGN_OFF.SIGNED_BY),
                row.get(SIGN_OFF.SIGNED_AT));
    }
}
