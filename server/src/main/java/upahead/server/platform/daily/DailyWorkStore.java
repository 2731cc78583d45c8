package upahead.server.platform.daily;

import static upahead.server.database.Tables.DAILY_WORK;

import java.time.LocalDate;
import java.util.Optional;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** When what is done once a day was done last. */
@Repository
class DailyWorkStore {

    private final DSLContext sql;

    DailyWorkStore(DSLContext sql) {
        this.sql = sql;
    }

    Optional<LocalDate> doneOn(String name) {
        return sql.select(DAILY_WORK.DONE_ON)
                .from(DAILY_WORK)
                .where(DAILY_WORK.NAME.eq(name))
                .fetchOptional(DAILY_WORK.DONE_ON);
    }

    void setDone(String name, LocalDate day) {
        sql.mergeInto(DAILY_WORK)
                .columns(DAILY_WORK.NAME, DAILY_WORK.DONE_ON)
                .key(DAILY_WORK.NAME)
                .values(name, day)
                .execute();
    }
}
