package upahead.server.platform.clock;

import static upahead.server.database.Tables.DEMO_DAY;

import java.time.LocalDate;
import java.util.Optional;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** The day that a demo is at; nothing outside a demo. */
@Repository
class DemoDayStore {

    private final DSLContext sql;

    DemoDayStore(DSLContext sql) {
        this.sql = sql;
    }

    Optional<LocalDate> find() {
        return sql.selectFrom(DEMO_DAY).fetchOptional(DEMO_DAY.ON_DATE);
    }

    void put(LocalDate day) {
        sql.deleteFrom(DEMO_DAY).execute();
        sql.insertInto(DEMO_DAY).set(DEMO_DAY.ON_DATE, day).execute();
    }
}
