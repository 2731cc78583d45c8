package upahead.server.requests.leave;

import static upahead.server.database.Tables.LEAVE_DAY;
import static upahead.server.database.Tables.REQUEST_EVENT;
import static upahead.server.platform.sql.Among.among;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** What became of requests, day by day and in words. */
@Repository
class RequestOutcomeStore {

    private final DSLContext sql;

    RequestOutcomeStore(DSLContext sql) {
        this.sql = sql;
    }

    /** The days of each that are asked to be cancelled. */
    Map<Long, List<LocalDate>> cancelAsked(Collection<Long> requests) {
        return sql.select(LEAVE_DAY.REQUEST_ID, LEAVE_DAY.ON_DATE)
                .from(LEAVE_DAY)
                .where(among(LEAVE_DAY.REQUEST_ID, requests))
                .and(LEAVE_DAY.CANCEL_ASKED.isTrue())
                .orderBy(LEAVE_DAY.ON_DATE)
                .fetchGroups(LEAVE_DAY.REQUEST_ID, LEAVE_DAY.ON_DATE);
    }

    /** The days of each that were declined and would have cost something. */
    Map<Long, List<LocalDate>> declined(Collection<Long> requests) {
        return sql.select(LEAVE_DAY.REQUEST_ID, LEAVE_DAY.ON_DATE)
                .from(LEAVE_DAY)
                .where(among(LEAVE_DAY.REQUEST_ID, requests))
                .and(LEAVE_DAY.DECISION.eq(Decision.DECLINED.name()))
                .and(LEAVE_DAY.AMOUNT.gt(BigDecimal.ZERO))
                .orderBy(LEAVE_DAY.ON_DATE)
                .fetchGroups(LEAVE_DAY.REQUEST_ID, LEAVE_DAY.ON_DATE);
    }

    /** What was said with the last decision about each request. */
    Map<Long, String> lastMessages(Collection<Long> requests) {
        Map<Long, String> messages = new HashMap<>();
        sql.select(REQUEST_EVENT.REQUEST_ID, REQUEST_EVENT.MESSAGE)
                .from(REQUEST_EVENT)
                .where(among(REQUEST_EVENT.REQUEST_ID, requests))
                .and(REQUEST_EVENT.WHAT.notIn("SENT", "CHANGED", "CORRECTED", "ASKED_INSTEAD", "CANCELLATION_ASKED"))
                .orderBy(REQUEST_EVENT.ID)
                .forEach(row -> messages.put(row.value1(), row.value2()));
        return messages;
    }
}
