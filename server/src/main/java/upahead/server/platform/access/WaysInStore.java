package upahead.server.platform.access;

import static upahead.server.database.Tables.WAYS_IN;

import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** The one row that says how people come in. */
@Repository
class WaysInStore {

    private final DSLContext sql;

    WaysInStore(DSLContext sql) {
        this.sql = sql;
    }

    boolean passwords() {
        return sql.select(WAYS_IN.PASSWORDS).from(WAYS_IN).fetchOne(WAYS_IN.PASSWORDS);
    }

    boolean directoryComesIn() {
        return sql.select(WAYS_IN.DIRECTORY_COMES_IN).from(WAYS_IN).fetchOne(WAYS_IN.DIRECTORY_COMES_IN);
    }

    void set(boolean passwords, boolean directoryComesIn) {
        sql.update(WAYS_IN)
                .set(WAYS_IN.PASSWORDS, passwords)
                .set(WAYS_IN.DIRECTORY_COMES_IN, directoryComesIn)
                .execute();
    }
}
