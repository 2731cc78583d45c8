package upahead.server.requests.signing;

import static upahead.server.database.Tables.SIGN_OFF;

import org.jooq.Condition;
import org.jooq.Field;
import org.jooq.impl.DSL;
import upahead.server.platform.access.Role;

/** The piece of SQL by which lists of requests choose by who signs them. */
public final class SignOffJoined {

    private SignOffJoined() {}

    /** Of requests, those that a person signs, by name or as one of the approvers. */
    public static Condition signedBy(long personId, Field<Long> requestId) {
        return requestId.in(DSL.select(SIGN_OFF.REQUEST_ID)
                .from(SIGN_OFF)
                .where(SIGN_OFF.PERSON_ID.eq(personId).or(SIGN_OFF.ROLE.eq(Role.APPROVER.name()))));
    }
}
