package upahead.server.platform.access;

import static upahead.server.database.Tables.PASSWORD_LINK;
import static upahead.server.database.Tables.SIGN_IN;

import java.time.LocalDateTime;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.springframework.stereotype.Repository;

/** Sign-ins with their hashed passwords. */
@Repository
class SignInStore {

    /**
     * A sign-in.
     *
     * @param passwordHash null while no password was set
     */
    record StoredSignIn(SignedIn signedIn, String passwordHash, boolean active) {}

    private final DSLContext sql;

    SignInStore(DSLContext sql) {
        this.sql = sql;
    }

    boolean isEmpty() {
        return !sql.fetchExists(SIGN_IN);
    }

    Optional<StoredSignIn> find(String username) {
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

    private static StoredSignIn stored(Record row) {
        SignedIn signedIn = new SignedIn(
                row.get(SIGN_IN.ID),
                row.get(SIGN_IN.USERNAME),
                row.get(SIGN_IN.DISPLAY_NAME),
                Role.valueOf(row.get(SIGN_IN.ROLE)),
                row.get(SIGN_IN.PERSON_ID));
        return new StoredSignIn(signedIn, row.get(SIGN_IN.PASSWORD_HASH), row.get(SIGN_IN.ACTIVE));
    }

    Optional<StoredSignIn> find(long id) {
        return sql.selectFrom(SIGN_IN).where(SIGN_IN.ID.eq(id)).fetchOptional().map(SignInStore::stored);
    }

    Optional<StoredSignIn> ofPerson(long personId) {
        return sql.selectFrom(SIGN_IN)
                .where(SIGN_IN.PERSON_ID.eq(personId))
                .fetchOptional()
                .map(SignInStore::stored);
    }

    Set<Long> peopleWithSignIn() {
        return sql.select(SIGN_IN.PERSON_ID)
                .from(SIGN_IN)
                .where(SIGN_IN.PERSON_ID.isNotNull())
                .fetchSet(SIGN_IN.PERSON_ID);
    }

    /** The people who can sign in with one of some roles. */
    Set<Long> peopleIn(Collection<Role> roles) {
        return sql.select(SIGN_IN.PERSON_ID)
                .from(SIGN_IN)
                .where(SIGN_IN.PERSON_ID.isNotNull())
                .and(SIGN_IN.ACTIVE.isTrue())
                .and(SIGN_IN.ROLE.in(roles.stream().map(Role::name).toList()))
                .fetchSet(SIGN_IN.PERSON_ID);
    }

    Set<String> names() {
        return sql.select(SIGN_IN.USERNAME).from(SIGN_IN).fetchSet(SIGN_IN.USERNAME);
    }

    int count() {
        return sql.fetchCount(SIGN_IN, SIGN_IN.ACTIVE.isTrue());
    }

    List<SignedIn> activeAdministrators() {
        return sql.selectFrom(SIGN_IN)
                .where(SIGN_IN.ROLE.eq(Role.ADMINISTRATOR.name()))
                .and(SIGN_IN.ACTIVE.isTrue())
                .fetch(row -> stored(row).signedIn());
    }

    int changes(long id) {
        return sql.select(SIGN_IN.CHANGES)
                .from(SIGN_IN)
                .where(SIGN_IN.ID.eq(id))
                .fetchOptional(SIGN_IN.CHANGES)
                .orElse(-1);
    }

    void change(long id, Role role, boolean active) {
        sql.update(SIGN_IN)
                .set(SIGN_IN.CHANGES, SIGN_IN.CHANGES.plus(1))
                .set(SIGN_IN.ROLE, role.name())
                .set(SIGN_IN.ACTIVE, active)
                .where(SIGN_IN.ID.eq(id))
                .execute();
    }

    void setPassword(long id, String passwordHash) {
        sql.update(SIGN_IN)
                .set(SIGN_IN.CHANGES, SIGN_IN.CHANGES.plus(1))
                .set(SIGN_IN.PASSWORD_HASH, passwordHash)
                .where(SIGN_IN.ID.eq(id))
                .execute();
    }

    void addLink(String tokenHash, long signInId, LocalDateTime until) {
        sql.insertInto(PASSWORD_LINK)
                .set(PASSWORD_LINK.TOKEN_HASH, tokenHash)
                .set(PASSWORD_LINK.SIGN_IN_ID, signInId)
                .set(PASSWORD_LINK.UNTIL, until)
                .execute();
    }

    void removeLinks(long signInId) {
        sql.deleteFrom(PASSWORD_LINK)
                .where(PASSWORD_LINK.SIGN_IN_ID.eq(signInId))
                .execute();
    }

    Optional<StoredSignIn> ofLink(String tokenHash, LocalDateTime now) {
        return sql.select(SIGN_IN.asterisk())
                .from(PASSWORD_LINK)
                .join(SIGN_IN)
                .on(SIGN_IN.ID.eq(PASSWORD_LINK.SIGN_IN_ID))
                .where(PASSWORD_LINK.TOKEN_HASH.eq(tokenHash))
                .and(PASSWORD_LINK.UNTIL.gt(now))
                .fetchOptional()
                .map(SignInStore::stored);
    }
}
