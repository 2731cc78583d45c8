package upahead.server.platform.secondstep;

import static upahead.server.database.Tables.RECOVERY_CODE;
import static upahead.server.database.Tables.SECOND_STEP;
import static upahead.server.database.Tables.SECOND_STEP_ROLE;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** Secrets shared with apps, what is left of the codes on paper, and which roles need either. */
@Repository
class SecondStepStore {

    /**
     * The secret of a sign-in.
     *
     * @param confirmed whether a code made of it was typed once
     * @param lastUsed the step of thirty seconds whose code was used last
     */
    record Stored(String secret, boolean confirmed, long lastUsed) {}

    private final DSLContext sql;

    SecondStepStore(DSLContext sql) {
        this.sql = sql;
    }

    Optional<Stored> find(long signInId) {
        return sql.selectFrom(SECOND_STEP)
                .where(SECOND_STEP.SIGN_IN_ID.eq(signInId))
                .fetchOptional()
                .map(row -> new Stored(row.getSecret(), row.getConfirmed(), row.getLastUsed()));
    }

    /** Those who have one that was confirmed. */
    Set<Long> all() {
        return sql.select(SECOND_STEP.SIGN_IN_ID)
                .from(SECOND_STEP)
                .where(SECOND_STEP.CONFIRMED.isTrue())
                .fetchSet(SECOND_STEP.SIGN_IN_ID);
    }

    void begin(long signInId, String secret) {
        remove(signInId);
        sql.insertInto(SECOND_STEP)
                .set(SECOND_STEP.SIGN_IN_ID, signInId)
                .set(SECOND_STEP.SECRET, secret)
                .set(SECOND_STEP.CONFIRMED, false)
                .set(SECOND_STEP.LAST_USED, 0L)
                .execute();
    }

    void used(long signInId, long step) {
        sql.update(SECOND_STEP)
                .set(SECOND_STEP.CONFIRMED, true)
                .set(SECOND_STEP.LAST_USED, step)
                .where(SECOND_STEP.SIGN_IN_ID.eq(signInId))
                .execute();
    }

    void remove(long signInId) {
        sql.deleteFrom(RECOVERY_CODE)
                .where(RECOVERY_CODE.SIGN_IN_ID.eq(signInId))
                .execute();
        sql.deleteFrom(SECOND_STEP).where(SECOND_STEP.SIGN_IN_ID.eq(signInId)).execute();
    }

    void setRecoveryCodes(long signInId, List<String> hashes) {
        sql.deleteFrom(RECOVERY_CODE)
                .where(RECOVERY_CODE.SIGN_IN_ID.eq(signInId))
                .execute();
        sql.batch(hashes.stream()
                        .map(hash -> sql.insertInto(RECOVERY_CODE)
                                .set(RECOVERY_CODE.SIGN_IN_ID, signInId)
                                .set(RECOVERY_CODE.CODE_HASH, hash))
                        .toList())
                .execute();
    }

    /** Takes a code on paper away; tells whether there was such a one. */
    boolean useRecoveryCode(long signInId, String hash) {
        return sql.deleteFrom(RECOVERY_CODE)
                        .where(RECOVERY_CODE.SIGN_IN_ID.eq(signInId))
                        .and(RECOVERY_CODE.CODE_HASH.eq(hash))
                        .execute()
                > 0;
    }

    int recoveryCodes(long signInId) {
        return sql.fetchCount(RECOVERY_CODE, RECOVERY_CODE.SIGN_IN_ID.eq(signInId));
    }

    Set<String> roles() {
        return sql.select(SECOND_STEP_ROLE.ROLE).from(SECOND_STEP_ROLE).fetchSet(SECOND_STEP_ROLE.ROLE);
    }

    void setRoles(Collection<String> roles) {
        sql.deleteFrom(SECOND_STEP_ROLE).execute();
        roles.forEach(role -> sql.insertInto(SECOND_STEP_ROLE)
                .set(SECOND_STEP_ROLE.ROLE, role)
                .execute());
    }
}
