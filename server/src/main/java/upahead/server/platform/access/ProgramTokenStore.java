package upahead.server.platform.access;

import static upahead.server.database.Tables.PROGRAM_TOKEN;
import static upahead.server.database.Tables.SIGN_IN;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.springframework.stereotype.Repository;
import upahead.server.platform.rights.Permission;

/** Tokens of other programs. */
@Repository
class ProgramTokenStore {

    private static final String BETWEEN = " ";

    /** A token and in whose name it acts. */
    record Stored(ProgramToken token, long signInId) {}

    private final DSLContext sql;

    ProgramTokenStore(DSLContext sql) {
        this.sql = sql;
    }

    /** The newest first. */
    List<ProgramToken> all() {
        return sql.select(PROGRAM_TOKEN.asterisk(), SIGN_IN.DISPLAY_NAME)
                .from(PROGRAM_TOKEN)
                .join(SIGN_IN)
                .on(SIGN_IN.ID.eq(PROGRAM_TOKEN.SIGN_IN_ID))
                .orderBy(PROGRAM_TOKEN.ID.desc())
                .fetch(row -> stored(row).token());
    }

    Optional<Stored> find(String hash) {
        return sql.select(PROGRAM_TOKEN.asterisk(), SIGN_IN.DISPLAY_NAME)
                .from(PROGRAM_TOKEN)
                .join(SIGN_IN)
                .on(SIGN_IN.ID.eq(PROGRAM_TOKEN.SIGN_IN_ID))
                .where(PROGRAM_TOKEN.TOKEN_HASH.eq(hash))
                .fetchOptional(ProgramTokenStore::stored);
    }

    long add(
            String name,
            String hash,
            long signInId,
            Set<Permission> permissions,
            boolean readsOnly,
            LocalDateTime at,
            LocalDate lastDay) {
        return sql.insertInto(PROGRAM_TOKEN)
                .set(PROGRAM_TOKEN.NAME, name)
                .set(PROGRAM_TOKEN.TOKEN_HASH, hash)
                .set(PROGRAM_TOKEN.SIGN_IN_ID, signInId)
                .set(
                        PROGRAM_TOKEN.PERMISSIONS,
                        permissions.stream().map(Enum::name).collect(Collectors.joining(BETWEEN)))
                .set(PROGRAM_TOKEN.READS_ONLY, readsOnly)
                .set(PROGRAM_TOKEN.MADE_AT, at)
                .set(PROGRAM_TOKEN.LAST_DAY, lastDay)
                .returningResult(PROGRAM_TOKEN.ID)
                .fetchOne(PROGRAM_TOKEN.ID);
    }

    void used(long id, LocalDateTime at) {
        sql.update(PROGRAM_TOKEN)
                .set(PROGRAM_TOKEN.LAST_USED_AT, at)
                .where(PROGRAM_TOKEN.ID.eq(id))
                .execute();
    }

    /** Tells whether it had not been ended before. */
    boolean end(long id, LocalDateTime at) {
        return sql.update(PROGRAM_TOKEN)
                        .set(PROGRAM_TOKEN.ENDED_AT, at)
                        .where(PROGRAM_TOKEN.ID.eq(id))
                        .and(PROGRAM_TOKEN.ENDED_AT.isNull())
                        .execute()
                == 1;
    }

    private static Stored stored(Record row) {
        EnumSet<Permission> permissions = EnumSet.noneOf(Permission.class);
        Arrays.stream(row.get(PROGRAM_TOKEN.PERMISSIONS).split(BETWEEN))
                .filter(name -> !name.isEmpty())
                .forEach(name -> permissions.add(Permission.valueOf(name)));
        return new Stored(
                new ProgramToken(
                        row.get(PROGRAM_TOKEN.ID),
                        row.get(PROGRAM_TOKEN.NAME),
                        row.get(SIGN_IN.DISPLAY_NAME),
                        permissions,
                        row.get(PROGRAM_TOKEN.READS_ONLY),
                        row.get(PROGRAM_TOKEN.MADE_AT),
                        row.get(PROGRAM_TOKEN.LAST_DAY),
                        row.get(PROGRAM_TOKEN.LAST_USED_AT),
                        row.get(PROGRAM_TOKEN.ENDED_AT)),
                row.get(PROGRAM_TOKEN.SIGN_IN_ID));
    }
}
