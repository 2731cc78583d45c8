package upahead.server.payruns.inbox;

import static upahead.server.database.Tables.INBOX_BEHAVIOUR;
import static upahead.server.database.Tables.INBOX_ROW;

import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import upahead.server.database.tables.records.InboxRowRecord;
import upahead.server.platform.sql.AnyCase;
import upahead.server.platform.sql.Inserts;

/** What the stand-in has taken, and how it behaves. */
@Repository
class InboxStore {

    private final DSLContext sql;

    InboxStore(DSLContext sql) {
        this.sql = sql;
    }

    /** Which of some rows are there. */
    Set<String> known(Collection<String> rows) {
        return sql.select(INBOX_ROW.ROW_KEY)
                .from(INBOX_ROW)
                .where(INBOX_ROW.ROW_KEY.in(rows))
                .fetchSet(INBOX_ROW.ROW_KEY);
    }

    void add(String message, List<InboxRow> rows) {
        Inserts.all(sql, rows.stream().map(row -> record(message, row)).toList());
    }

    private static InboxRowRecord record(String message, InboxRow row) {
        InboxRowRecord record = new InboxRowRecord();
        record.setRowKey(row.row());
        record.setMessage(message);
        record.setTakenAt(row.takenAt());
        record.setPerson(row.person());
        record.setName(row.name());
        record.setCode(row.code());
        record.setWhat(row.what());
        record.setAmount(row.amount());
        record.setUnit(row.unit());
        record.setFirstDay(row.from());
        record.setLastDay(row.to());
        record.setEntry(row.entry());
        return record;
    }

    int count(String search) {
        return sql.fetchCount(INBOX_ROW, matching(search));
    }

    /** The newest first. */
    List<InboxRow> page(String search, int page, int size) {
        return sql.selectFrom(INBOX_ROW)
                .where(matching(search))
                .orderBy(INBOX_ROW.TAKEN_AT.desc(), INBOX_ROW.NAME, INBOX_ROW.ROW_KEY)
                .limit(page * size, size)
                .fetch(row -> new InboxRow(
                        row.getRowKey(),
                        row.getTakenAt(),
                        row.getPerson(),
                        row.getName(),
                        row.getCode(),
                        row.getWhat(),
                        row.getAmount(),
                        row.getUnit(),
                        row.getFirstDay(),
                        row.getLastDay(),
                        row.getEntry()));
    }

    private static Condition matching(String search) {
        return search.isBlank()
                ? DSL.noCondition()
                : AnyCase.contains(INBOX_ROW.NAME, search.strip())
                        .or(AnyCase.same(INBOX_ROW.CODE, search.strip()))
                        .or(AnyCase.same(INBOX_ROW.PERSON, search.strip()));
    }

    Behaviour behaviour() {
        return Behaviour.valueOf(
                sql.select(INBOX_BEHAVIOUR.BEHAVIOUR).from(INBOX_BEHAVIOUR).fetchSingle(INBOX_BEHAVIOUR.BEHAVIOUR));
    }

    /** In the order in which they were typed. */
    List<String> unknownCodes() {
        String codes = sql.select(INBOX_BEHAVIOUR.UNKNOWN_CODES)
                .from(INBOX_BEHAVIOUR)
                .fetchSingle(INBOX_BEHAVIOUR.UNKNOWN_CODES);
        return Arrays.stream(codes.split("\n")).filter(code -> !code.isEmpty()).toList();
    }

    void behave(Behaviour behaviour, List<String> unknownCodes) {
        sql.update(INBOX_BEHAVIOUR)
                .set(INBOX_BEHAVIOUR.BEHAVIOUR, behaviour.name())
                .set(
                        INBOX_BEHAVIOUR.UNKNOWN_CODES,
                        unknownCodes.stream().map(String::strip).collect(Collectors.joining("\n")))
                .execute();
    }
}
