package upahead.server.cards.punches;

import static upahead.server.database.Tables.PUNCH;
import static upahead.server.platform.sql.Among.among;

import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import upahead.core.cards.Punch;
import upahead.server.cards.punches.StoredPunch.State;
import upahead.server.database.tables.records.PunchRecord;
import upahead.server.platform.sql.Inserts;

/** Punches. None is ever deleted. */
@Repository
class PunchStore {

    private final DSLContext sql;

    PunchStore(DSLContext sql) {
        this.sql = sql;
    }

    void add(Collection<StoredPunch> punches) {
        Inserts.all(sql, punches.stream().map(PunchStore::row).toList());
    }

    private static PunchRecord row(StoredPunch punch) {
        PunchRecord row = new PunchRecord();
        row.setTerminalId(punch.terminalId());
        row.setMark(punch.mark());
        row.setCode(punch.code());
        row.setPersonId(punch.personId());
        row.setKind(punch.kind().name());
        row.setAt(stored(punch.at()));
        row.setZone(punch.zone().getId());
        row.setSource(punch.source());
        row.setArrivedAt(punch.arrivedAt());
        row.setState(punch.state().name());
        row.setNote(punch.note());
        return row;
    }

    void change(StoredPunch punch) {
        sql.update(PUNCH)
                .set(PUNCH.PERSON_ID, punch.personId())
                .set(PUNCH.STATE, punch.state().name())
                .set(PUNCH.NOTE, punch.note())
                .where(PUNCH.ID.eq(punch.id()))
                .execute();
    }

    Optional<StoredPunch> find(long id) {
        return sql.selectFrom(PUNCH).where(PUNCH.ID.eq(id)).fetchOptional(PunchStore::read);
    }

    /** Which of some marks a terminal has delivered already. */
    Set<String> known(long terminalId, Collection<String> marks) {
        return sql.select(PUNCH.MARK)
                .from(PUNCH)
                .where(PUNCH.TERMINAL_ID.eq(terminalId))
                .and(PUNCH.MARK.in(marks))
                .fetchSet(PUNCH.MARK);
    }

    /** The punches of some people from one moment to another that are not dismissed, by the people's ids. */
    Map<Long, List<StoredPunch>> of(Collection<Long> people, Instant from, Instant to) {
        return sql.selectFrom(PUNCH)
                .where(among(PUNCH.PERSON_ID, people))
                .and(PUNCH.AT.between(stored(from), stored(to)))
                .and(PUNCH.STATE.ne(State.DISMISSED.name()))
                .orderBy(PUNCH.AT, PUNCH.ID)
                .fetchGroups(PUNCH.PERSON_ID, PunchStore::read);
    }

    /** Those that wait for somebody to look at them, oldest first. */
    List<StoredPunch> open() {
        return sql.selectFrom(PUNCH)
                .where(PUNCH.STATE.in(State.UNKNOWN.name(), State.SET_ASIDE.name()))
                .orderBy(PUNCH.AT, PUNCH.ID)
                .fetch(PunchStore::read);
    }

    private static StoredPunch read(PunchRecord row) {
        return new StoredPunch(
                row.getId(),
                row.getTerminalId(),
                row.getMark(),
                row.getCode(),
                row.getPersonId(),
                Punch.Kind.valueOf(row.getKind()),
                row.getAt().toInstant(ZoneOffset.UTC),
                ZoneId.of(row.getZone()),
                row.getSource(),
                row.getArrivedAt(),
                State.valueOf(row.getState()),
                row.getNote());
    }

    private static LocalDateTime stored(Instant moment) {
        return LocalDateTime.ofInstant(moment, ZoneOffset.UTC);
    }
}
