package upahead.server.platform.throttle;

import static upahead.server.database.Tables.TRY_COUNT;

import java.time.LocalDateTime;
import java.util.Map;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** What programs count together. */
@Repository
class ThrottleStore {

    private final DSLContext sql;

    ThrottleStore(DSLContext sql) {
        this.sql = sql;
    }

    /** Adds tries; the first begins the time for which they count. */
    void add(String throttle, String what, int tries, LocalDateTime now, LocalDateTime until) {
        int added = sql.update(TRY_COUNT)
                .set(TRY_COUNT.TRIES, TRY_COUNT.TRIES.plus(tries))
                .where(TRY_COUNT.THROTTLE.eq(throttle))
                .and(TRY_COUNT.WHAT.eq(what))
                .and(TRY_COUNT.UNTIL.gt(now))
                .execute();
        if (added == 0) {
            sql.insertInto(TRY_COUNT)
                    .set(TRY_COUNT.THROTTLE, throttle)
                    .set(TRY_COUNT.WHAT, what)
                    .set(TRY_COUNT.TRIES, tries)
                    .set(TRY_COUNT.UNTIL, until)
                    .execute();
        }
    }

    Map<String, Integer> counts(String throttle, LocalDateTime now) {
        return sql.select(TRY_COUNT.WHAT, TRY_COUNT.TRIES)
                .from(TRY_COUNT)
                .where(TRY_COUNT.THROTTLE.eq(throttle))
                .and(TRY_COUNT.UNTIL.gt(now))
                .fetchMap(TRY_COUNT.WHAT, TRY_COUNT.TRIES);
    }

    void forget(String throttle, String what) {
        sql.deleteFrom(TRY_COUNT)
                .where(TRY_COUNT.THROTTLE.eq(throttle))
                .and(TRY_COUNT.WHAT.eq(what))
                .execute();
    }

    void forgetAllBefore(LocalDateTime now) {
        sql.deleteFrom(TRY_COUNT).where(TRY_COUNT.UNTIL.le(now)).execute();
    }
}
