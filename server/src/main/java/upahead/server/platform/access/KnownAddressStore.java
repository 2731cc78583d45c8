package upahead.server.platform.access;

import static upahead.server.database.Tables.KNOWN_ADDRESS;

import java.time.LocalDateTime;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** From where somebody signed in lately, kept as what it hashes to. */
@Repository
class KnownAddressStore {

    private final DSLContext sql;

    KnownAddressStore(DSLContext sql) {
        this.sql = sql;
    }

    boolean isKnown(String name, String address, LocalDateTime now) {
        return sql.fetchExists(
                KNOWN_ADDRESS, KNOWN_ADDRESS.WHAT.eq(kept(name, address)).and(KNOWN_ADDRESS.UNTIL.gt(now)));
    }

    void know(String name, String address, LocalDateTime now, LocalDateTime until) {
        sql.deleteFrom(KNOWN_ADDRESS)
                .where(KNOWN_ADDRESS.WHAT.eq(kept(name, address)))
                .or(KNOWN_ADDRESS.UNTIL.le(now))
                .execute();
        sql.insertInto(KNOWN_ADDRESS)
                .set(KNOWN_ADDRESS.WHAT, kept(name, address))
                .set(KNOWN_ADDRESS.UNTIL, until)
                .execute();
    }

    private static String kept(String name, String address) {
        return Tokens.hash(name + '\n' + address);
    }
}
