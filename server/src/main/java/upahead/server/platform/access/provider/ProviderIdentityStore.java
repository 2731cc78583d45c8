package upahead.server.platform.access.provider;

import static upahead.server.database.Tables.PROVIDER_IDENTITY;

import java.util.Optional;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** Which account at the provider is whose sign-in. */
@Repository
class ProviderIdentityStore {

    private final DSLContext sql;

    ProviderIdentityStore(DSLContext sql) {
        this.sql = sql;
    }

    Optional<Long> signInOf(String issuer, String subject) {
        return sql.select(PROVIDER_IDENTITY.SIGN_IN_ID)
                .from(PROVIDER_IDENTITY)
                .where(PROVIDER_IDENTITY.ISSUER.eq(issuer))
                .and(PROVIDER_IDENTITY.SUBJECT.eq(subject))
                .fetchOptional(PROVIDER_IDENTITY.SIGN_IN_ID);
    }

    boolean isKnown(long signInId) {
        return sql.fetchExists(PROVIDER_IDENTITY, PROVIDER_IDENTITY.SIGN_IN_ID.eq(signInId));
    }

    void add(long signInId, String issuer, String subject) {
        sql.insertInto(PROVIDER_IDENTITY)
                .set(PROVIDER_IDENTITY.SIGN_IN_ID, signInId)
                .set(PROVIDER_IDENTITY.ISSUER, issuer)
                .set(PROVIDER_IDENTITY.SUBJECT, subject)
                .execute();
    }

    void remove(long signInId) {
        sql.deleteFrom(PROVIDER_IDENTITY)
                .where(PROVIDER_IDENTITY.SIGN_IN_ID.eq(signInId))
                .execute();
    }
}
