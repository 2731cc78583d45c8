package upahead.server.requests.absences;

import static upahead.server.database.Tables.FEED;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.springframework.stereotype.Repository;

/** Addresses of calendars, by what their secrets hash to. */
@Repository
class FeedStore {

    /** A feed with the sign-in of the one who made it. */
    record Made(Feed feed, long signInId) {}

    private final DSLContext sql;

    FeedStore(DSLContext sql) {
        this.sql = sql;
    }

    long add(long signInId, String tokenHash, Feed.Scope scope, LocalDateTime at) {
        return sql.insertInto(FEED)
                .set(FEED.SIGN_IN_ID, signInId)
                .set(FEED.TOKEN_HASH, tokenHash)
                .set(FEED.SCOPE, scope.name())
                .set(FEED.MADE_AT, at)
                .returningResult(FEED.ID)
                .fetchOne(FEED.ID);
    }

    List<Feed> of(long signInId) {
        return sql.selectFrom(FEED)
                .where(FEED.SIGN_IN_ID.eq(signInId))
                .orderBy(FEED.ID)
                .fetch(FeedStore::feed);
    }

    Optional<Made> find(String tokenHash) {
        return sql.selectFrom(FEED)
                .where(FEED.TOKEN_HASH.eq(tokenHash))
                .fetchOptional(row -> new Made(feed(row), row.getSignInId()));
    }

    void read(long id, LocalDateTime at) {
        sql.update(FEED).set(FEED.READ_AT, at).where(FEED.ID.eq(id)).execute();
    }

    /** Tells whether there was one. */
    boolean remove(long signInId, long id) {
        return sql.deleteFrom(FEED)
                        .where(FEED.ID.eq(id))
                        .and(FEED.SIGN_IN_ID.eq(signInId))
                        .execute()
                == 1;
    }

    private static Feed feed(Record row) {
        return new Feed(
                row.get(FEED.ID),
                Feed.Scope.valueOf(row.get(FEED.SCOPE)),
                row.get(FEED.MADE_AT),
                row.get(FEED.READ_AT));
    }
}
