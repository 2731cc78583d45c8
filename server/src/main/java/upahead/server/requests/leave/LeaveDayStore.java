package upahead.server.requests.leave;

import static upahead.server.database.Tables.LEAVE_DAY;
import static upahead.server.database.Tables.LEAVE_REQUEST;
import static upahead.server.platform.sql.Among.among;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import upahead.core.leave.LeaveCosting.Because;
import upahead.core.people.ClockSpan;
import upahead.core.quantity.Amount;
import upahead.server.database.tables.records.LeaveDayRecord;
import upahead.server.facts.ApprovedLeave;
import upahead.server.facts.WaitingLeave;
import upahead.server.platform.sql.Rows;
import upahead.server.requests.signing.AwayToday;

/** The days of requests: what each costs, and what was decided about it. */
@Repository
public class LeaveDayStore implements ApprovedLeave, WaitingLeave, AwayToday {

    private final DSLContext sql;

    public LeaveDayStore(DSLContext sql) {
        this.sql = sql;
    }

    public void add(long requestId, Collection<LeaveDay> days) {
        for (LeaveDay day : days) {
            sql.insertInto(LEAVE_DAY)
                    .set(LEAVE_DAY.REQUEST_ID, requestId)
                    .set(LEAVE_DAY.ON_DATE, day.on())
                    .set(LEAVE_DAY.ASKED, day.part().name())
                    .set(LEAVE_DAY.HOURS, day.hours().value())
                    .set(
                            LEAVE_DAY.FROM_TIME,
                            day.between() == null ? null : day.between().from())
                    .set(
                            LEAVE_DAY.TO_TIME,
                            day.between() == null ? null : day.between().to())
                    .set(LEAVE_DAY.AMOUNT, day.amount().value())
                    .set(LEAVE_DAY.BECAUSE, day.because().name())
                    .execute();
        }
    }

    /** Takes away the days of a request that is changed. */
    public void removeOf(long requestId) {
        sql.deleteFrom(LEAVE_DAY).where(LEAVE_DAY.REQUEST_ID.eq(requestId)).execute();
    }

    /** Notes whether the person asks for a day to be cancelled. */
    public void askToCancel(long id, Collection<LocalDate> days, boolean asked) {
        sql.update(LEAVE_DAY)
                .set(LEAVE_DAY.CANCEL_ASKED, asked)
                .where(LEAVE_DAY.REQUEST_ID.eq(id))
                .and(LEAVE_DAY.ON_DATE.in(days))
                .execute();
    }

    public void decide(long id, LocalDate on, Decision decision) {
        sql.update(LEAVE_DAY)
                .set(LEAVE_DAY.CANCEL_ASKED, false)
                .set(LEAVE_DAY.DECISION, decision.name())
                .where(LEAVE_DAY.REQUEST_ID.eq(id))
                .and(LEAVE_DAY.ON_DATE.eq(on))
                .execute();
    }

    public List<LeaveDay> of(long requestId) {
        return sql.selectFrom(LEAVE_DAY)
                .where(LEAVE_DAY.REQUEST_ID.eq(requestId))
                .orderBy(LEAVE_DAY.ON_DATE)
                .fetch(LeaveDayStore::day);
    }

    /** The days of all requests of somebody, by request. */
    public Map<Long, List<LeaveDay>> ofPerson(long personId) {
        return sql.selectFrom(LEAVE_DAY)
                .where(LEAVE_DAY.REQUEST_ID.in(
                        sql.select(LEAVE_REQUEST.ID).from(LEAVE_REQUEST).where(LEAVE_REQUEST.PERSON_ID.eq(personId))))
                .orderBy(LEAVE_DAY.ON_DATE)
                .fetchGroups(LEAVE_DAY.REQUEST_ID, LeaveDayStore::day);
    }

    private static LeaveDay day(LeaveDayRecord row) {
        return new LeaveDay(
                row.getOnDate(),
                RequestDraft.Part.valueOf(row.getAsked()),
                new Amount(row.getHours()),
                between(row.getFromTime(), row.getToTime()),
                new Amount(row.getAmount()),
                Because.valueOf(row.getBecause()),
                row.getDecision() == null ? null : Decision.valueOf(row.getDecision()));
    }

    static ClockSpan between(LocalTime from, LocalTime to) {
        return from == null ? null : new ClockSpan(from, to);
    }

    /** The days on which a person has leave that waits or is approved. */
    public Map<LocalDate, Long> takenDays(long personId) {
        return sql.select(LEAVE_DAY.ON_DATE, LEAVE_REQUEST.ID)
                .from(LEAVE_DAY)
                .join(LEAVE_REQUEST)
                .on(LEAVE_REQUEST.ID.eq(LEAVE_DAY.REQUEST_ID))
                .where(LEAVE_REQUEST.PERSON_ID.eq(personId))
                .and(LEAVE_DAY.AMOUNT.gt(BigDecimal.ZERO))
                .and(LEAVE_DAY
                        .DECISION
                        .eq(Decision.APPROVED.name())
                        .or(LEAVE_REQUEST.STATE.eq(RequestState.WAITING.name())))
                .fetchMap(LEAVE_DAY.ON_DATE, LEAVE_REQUEST.ID);
    }

    @Override
    public Set<Long> awayOn(LocalDate day) {
        return sql.selectDistinct(LEAVE_REQUEST.PERSON_ID)
                .from(LEAVE_DAY)
                .join(LEAVE_REQUEST)
                .on(LEAVE_REQUEST.ID.eq(LEAVE_DAY.REQUEST_ID))
                .where(LEAVE_DAY.ON_DATE.eq(day))
                .and(LEAVE_DAY.DECISION.eq(Decision.APPROVED.name()))
                .and(LEAVE_DAY.HOURS.gt(BigDecimal.ZERO))
                .fetchSet(LEAVE_REQUEST.PERSON_ID);
    }

    @Override
    public Map<Long, List<LeaveFact>> approvedLeave(Collection<Long> people) {
        return leave(people, LEAVE_DAY.DECISION.eq(Decision.APPROVED.name()));
    }

    @Override
    public Map<Long, List<LeaveFact>> waitingLeave(Collection<Long> people) {
        return leave(people, LEAVE_REQUEST.STATE.eq(RequestState.WAITING.name()).and(LEAVE_DAY.DECISION.isNull()));
    }

    private Map<Long, List<LeaveFact>> leave(Collection<Long> people, Condition which) {
        Map<Long, List<LeaveFact>> leave = new HashMap<>();
        Rows.each(
                sql.select(
                                LEAVE_REQUEST.PERSON_ID,
                                LEAVE_REQUEST.POLICY_ID,
                                LEAVE_DAY.ON_DATE,
                                LEAVE_DAY.HOURS,
                                LEAVE_DAY.AMOUNT)
                        .from(LEAVE_DAY)
                        .join(LEAVE_REQUEST)
                        .on(LEAVE_REQUEST.ID.eq(LEAVE_DAY.REQUEST_ID))
                        .where(among(LEAVE_REQUEST.PERSON_ID, people))
                        .and(which)
                        .and(LEAVE_DAY.AMOUNT.gt(BigDecimal.ZERO)),
                row -> leave.computeIfAbsent(row.getLong(1), unused -> new ArrayList<>())
                        .add(new LeaveFact(
                                row.getLong(1),
                                row.getLong(2),
                                row.getObject(3, LocalDate.class),
                                new Amount(row.getBigDecimal(4)),
                                new Amount(row.getBigDecimal(5)))));
        return leave;
    }
}
