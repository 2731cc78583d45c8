package upahead.server.access;

import static upahead.server.database.Tables.SIGN_IN;

import java.util.Optional;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.springframework.stereotype.Repository;

/** Sign-ins with their hashed passwords. */
@Repository
class SignInStore {

    record Stored(SignedIn signedIn, String passwordHash) {}

    private final DSLContext sql;

    SignInStore(DSLContext sql) {
        this.sql = sql;
    }

    boolean isEmpty() {
        return !sql.fetchExists(SIGN_IN);
    }

    Optional<Stored> find(String username) {
        return sql.selectFrom(SIGN_IN)
                .where(SIGN_IN.USERNAME.eq(username))
                .fetchOptional()
                .map(SignInStore::stored);
    }

    long add(String username, String passwordHash, Role role, String name, Long personId) {
        return sql.insertInto(SIGN_IN)
                .set(SIGN_IN.USERNAME, username)
                .set(SIGN_IN.PASSWORD_HASH, passwordHash)
                .set(SIGN_IN.ROLE, role.name())
                .set(SIGN_IN.DISPLAY_NAME, name)
                .set(SIGN_IN.PERSON_ID, personId)
                .returningResult(SIGN_IN.ID)
                .fetchOne(SIGN_IN.ID);
    }

    private static Stored stored(Record row) {
        SignedIn signedIn = new SignedIn(
                row.get(SIGN_IN.ID),
                row.get(SIGN_IN.USERNAME),
                row.get(SIGN_IN.DISPLAY_NAME),
                Role.valueOf(row.get(SIGN_IN.ROLE)),
                row.get(SIGN_IN.PERSON_ID));
        return new Stored(signedIn, row.get(SIGN_IN.PASSWORD_HASH));
    }
}
