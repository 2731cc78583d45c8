package upahead.server.requests.leave;

import static upahead.server.database.Tables.LEAVE_DAY;
import static upahead.server.database.Tables.LEAVE_REQUEST;
import static upahead.server.platform.sql.Among.among;
import static upahead.server.policies.PoliciesJoined.POLICY_NAME;
import static upahead.server.policies.PoliciesJoined.policies;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import upahead.core.calendar.DateSpan;
import upahead.core.quantity.Amount;
import upahead.server.platform.sql.Rows;

/** The leave of some people day by day, approved or waited for. */
@Repository
public class LeaveOnDaysStore {

    private final DSLContext sql;

    LeaveOnDaysStore(DSLContext sql) {
        this.sql = sql;
    }

    /** The days within a span that cost hours, by the people's ids and in order of time. */
    public Map<Long, List<LeaveOnDay>> of(Collection<Long> people, DateSpan span) {
        Map<Long, List<LeaveOnDay>> leave = new HashMap<>();
        var list = sql.select(
                        LEAVE_REQUEST.PERSON_ID,
                        LEAVE_DAY.ON_DATE,
                        LEAVE_REQUEST.ID,
                        POLICY_NAME,
                        LEAVE_DAY.HOURS,
                        LEAVE_DAY.FROM_TIME,
                        LEAVE_DAY.TO_TIME,
                        LEAVE_DAY.DECISION)
                .from(LEAVE_DAY)
                .join(LEAVE_REQUEST)
                .on(LEAVE_REQUEST.ID.eq(LEAVE_DAY.REQUEST_ID));
        Rows.each(
                policies(list, LEAVE_REQUEST.POLICY_ID)
                        .where(LEAVE_DAY.ON_DATE.between(span.first(), span.last()))
                        .and(among(LEAVE_REQUEST.PERSON_ID, people))
                        .and(LEAVE_DAY.HOURS.gt(BigDecimal.ZERO))
                        .and(LEAVE_DAY
                                .DECISION
                                .eq(Decision.APPROVED.name())
                                .or(LEAVE_DAY
                                        .DECISION
                                        .isNull()
                                        .and(LEAVE_REQUEST.STATE.eq(RequestState.WAITING.name()))))
                        .orderBy(LEAVE_DAY.ON_DATE, LEAVE_REQUEST.ID),
                row -> leave.computeIfAbsent(row.getLong(1), person -> new ArrayList<>())
                        .add(new LeaveOnDay(
                                row.getObject(2, LocalDate.class),
                                row.getLong(3),
                                row.getString(4),
                                new Amount(row.getBigDecimal(5)),
                                LeaveDayStore.between(
                                        row.getObject(6, LocalTime.class), row.getObject(7, LocalTime.class)),
                                row.getString(8) != null)));
        return leave;
    }
}
