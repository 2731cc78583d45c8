package upahead.server.payruns;

import static upahead.server.database.Tables.HANDED_OVER;
import static upahead.server.database.Tables.PAY_RUN;
import static upahead.server.platform.sql.Among.among;

import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import upahead.core.calendar.DateSpan;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;
import upahead.server.database.tables.records.HandedOverRecord;
import upahead.server.platform.sql.Inserts;

/** What payroll got with each close, and what was taken back. Lines are only ever added. */
@Repository
class HandedOverStore {

    private final DSLContext sql;

    HandedOverStore(DSLContext sql) {
        this.sql = sql;
    }

    void add(long runId, int closing, boolean reversal, List<HandedOver> lines) {
        Inserts.byHand(
                sql,
                HANDED_OVER,
                List.of(
                        HANDED_OVER.PAY_RUN_ID,
                        HANDED_OVER.CLOSING,
                        HANDED_OVER.REVERSAL,
                        HANDED_OVER.PERSON_ID,
                        HANDED_OVER.ABOUT_FIRST,
                        HANDED_OVER.ABOUT_LAST,
                        HANDED_OVER.SORT,
                        HANDED_OVER.SOURCE,
                        HANDED_OVER.PERSON_CODE,
                        HANDED_OVER.PERSON_NAME,
                        HANDED_OVER.PAYROLL_CODE,
                        HANDED_OVER.WHAT,
                        HANDED_OVER.AMOUNT,
                        HANDED_OVER.UNIT),
                lines,
                (row, line) -> {
                    row.setLong(1, runId);
                    row.setInt(2, closing);
                    row.setBoolean(3, reversal);
                    bind(row, line);
                });
    }

    private static void bind(PreparedStatement row, HandedOver line) throws SQLException {
        row.setLong(4, line.personId());
        row.setObject(5, line.about().first());
        row.setObject(6, line.about().last());
        row.setString(7, line.sort().name());
        row.setString(8, line.source().name());
        row.setString(9, line.personCode());
        row.setString(10, line.personName());
        row.setString(11, line.payrollCode());
        row.setString(12, line.what());
        row.setBigDecimal(13, line.amount().value());
        row.setString(14, line.unit().name());
    }

    /** The lines of one close, or what was taken back of them, in the order of the file. */
    List<PayrollLine> of(long runId, int closing, boolean reversal) {
        return sql.selectFrom(HANDED_OVER)
                .where(HANDED_OVER.PAY_RUN_ID.eq(runId))
                .and(HANDED_OVER.CLOSING.eq(closing))
                .and(HANDED_OVER.REVERSAL.eq(reversal))
                .orderBy(HANDED_OVER.ID)
                .fetch(row -> new PayrollLine(row.getId(), line(row)));
    }

    /** Single lines, by their ids. */
    Map<Long, HandedOver> byId(Collection<Long> ids) {
        return sql.selectFrom(HANDED_OVER)
                .where(among(HANDED_OVER.ID, ids))
                .fetchMap(HANDED_OVER.ID, HandedOverStore::line);
    }

    /** What payroll got for one person with the newest close of a run. */
    List<HandedOver> of(PayRun run, long personId) {
        return sql.selectFrom(HANDED_OVER)
                .where(HANDED_OVER.PERSON_ID.eq(personId))
                .and(HANDED_OVER.PAY_RUN_ID.eq(run.id()))
                .and(HANDED_OVER.CLOSING.eq(run.closings()))
                .and(HANDED_OVER.REVERSAL.isFalse())
                .orderBy(HANDED_OVER.ID)
                .fetch(HandedOverStore::line);
    }

    /** Hours worked and holidays paid in the period of a closed run, by the people's ids. */
    Map<Long, List<HandedOver>> workedIn(PayRun run, Collection<Long> people) {
        return sql.selectFrom(HANDED_OVER)
                .where(HANDED_OVER.PAY_RUN_ID.eq(run.id()))
                .and(HANDED_OVER.CLOSING.eq(run.closings()))
                .and(HANDED_OVER.REVERSAL.isFalse())
                .and(HANDED_OVER.SORT.eq(HandedOver.Sort.PERIOD.name()))
                .and(HANDED_OVER.SOURCE.ne(HandedOver.Source.LEAVE.name()))
                .and(among(HANDED_OVER.PERSON_ID, people))
                .orderBy(HANDED_OVER.ID)
                .fetchGroups(HANDED_OVER.PERSON_ID, HandedOverStore::line);
    }

    /** Hours and holidays that payroll got with the runs of leavers in the period of a run, less what was taken back. */
    List<HandedOver> workedByLeavers(PayRun run, Collection<Long> people) {
        return sql.select(HANDED_OVER.fields())
                .from(HANDED_OVER)
                .join(PAY_RUN)
                .on(PAY_RUN.ID.eq(HANDED_OVER.PAY_RUN_ID))
                .where(PAY_RUN.OFF_CYCLE_OF.in(people))
                .and(PAY_RUN.PAY_GROUP_ID.eq(run.payGroupId()))
                .and(PAY_RUN.FIRST_DAY.eq(run.firstDay()))
                .and(HANDED_OVER.ABOUT_FIRST.eq(run.firstDay()))
                .and(HANDED_OVER.SORT.eq(HandedOver.Sort.PERIOD.name()))
                .and(HANDED_OVER.SOURCE.ne(HandedOver.Source.LEAVE.name()))
                .fetch(row -> line(row.into(HANDED_OVER)));
    }

    boolean exists(long runId, int closing) {
        return sql.fetchExists(HANDED_OVER, HANDED_OVER.PAY_RUN_ID.eq(runId).and(HANDED_OVER.CLOSING.eq(closing)));
    }

    /** Everything that payroll got, reversals included, about periods of some people that end on a day or later. */
    List<HandedOver> about(Collection<Long> people, LocalDate from) {
        return sql.selectFrom(HANDED_OVER)
                .where(among(HANDED_OVER.PERSON_ID, people))
                .and(HANDED_OVER.ABOUT_LAST.ge(from))
                .fetch(HandedOverStore::line);
    }

    private static HandedOver line(HandedOverRecord row) {
        return new HandedOver(
                row.getPersonId(),
                row.getPersonCode(),
                row.getPersonName(),
                new DateSpan(row.getAboutFirst(), row.getAboutLast()),
                HandedOver.Sort.valueOf(row.getSort()),
                HandedOver.Source.valueOf(row.getSource()),
                row.getPayrollCode(),
                row.getWhat(),
                new Amount(row.getAmount()),
                Unit.valueOf(row.getUnit()));
    }
}
