package upahead.server.cards.terminals;

import static upahead.server.database.Tables.TERMINAL;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** Clock terminals. */
@Repository
class TerminalStore {

    private final DSLContext sql;

    TerminalStore(DSLContext sql) {
        this.sql = sql;
    }

    long add(String name, long siteId) {
        return sql.insertInto(TERMINAL)
                .set(TERMINAL.NAME, name)
                .set(TERMINAL.SITE_ID, siteId)
                .returningResult(TERMINAL.ID)
                .fetchOne(TERMINAL.ID);
    }

    /** Lets a screen pair itself until a moment by a code of which this is the hash. */
    void offer(long id, String pairingHash, LocalDateTime until) {
        sql.update(TERMINAL)
                .set(TERMINAL.PAIRING_HASH, pairingHash)
                .set(TERMINAL.PAIRING_UNTIL, until)
                .where(TERMINAL.ID.eq(id))
                .execute();
    }

    /** Pairs a screen; the code is used up, and a screen that was paired before is not any more. */
    void pair(long id, String tokenHash, LocalDateTime now) {
        sql.update(TERMINAL)
                .setNull(TERMINAL.PAIRING_HASH)
                .setNull(TERMINAL.PAIRING_UNTIL)
                .set(TERMINAL.TOKEN_HASH, tokenHash)
                .set(TERMINAL.PAIRED_AT, now)
                .where(TERMINAL.ID.eq(id))
                .execute();
    }

    void unpair(long id) {
        sql.update(TERMINAL)
                .setNull(TERMINAL.PAIRING_HASH)
                .setNull(TERMINAL.TOKEN_HASH)
                .where(TERMINAL.ID.eq(id))
                .execute();
    }

    void heard(long id, LocalDateTime now) {
        sql.update(TERMINAL)
                .set(TERMINAL.HEARD_AT, now)
                .where(TERMINAL.ID.eq(id))
                .execute();
    }

    Optional<Long> byPairingCode(String pairingHash, LocalDateTime now) {
        return sql.select(TERMINAL.ID)
                .from(TERMINAL)
                .where(TERMINAL.PAIRING_HASH.eq(pairingHash))
                .and(TERMINAL.PAIRING_UNTIL.ge(now))
                .fetchOptional(TERMINAL.ID);
    }

    Optional<Long> byToken(String tokenHash) {
        return sql.select(TERMINAL.ID)
                .from(TERMINAL)
                .where(TERMINAL.TOKEN_HASH.eq(tokenHash))
                .fetchOptional(TERMINAL.ID);
    }

    /**
     * All terminals by name.
     *
     * @param sites the names of the sites by their ids
     */
    List<Terminal> all(Map<Long, String> sites) {
        return sql.selectFrom(TERMINAL)
                .orderBy(TERMINAL.NAME)
                .fetch(row -> new Terminal(
                        row.getId(),
                        row.getName(),
                        row.getSiteId(),
                        sites.getOrDefault(row.getSiteId(), ""),
                        row.getTokenHash() != null,
                        row.getHeardAt()));
    }
}
