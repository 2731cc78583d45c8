package upahead.server.requests.leave;

import static upahead.server.database.Tables.LEAVE_DAY;
import static upahead.server.database.Tables.LEAVE_REQUEST;
import static upahead.server.employment.PeopleJoined.PERSON_ID;
import static upahead.server.employment.PeopleJoined.PERSON_NAME;
import static upahead.server.employment.PeopleJoined.inTeam;
import static upahead.server.employment.PeopleJoined.peopleAtWork;
import static upahead.server.policies.PoliciesJoined.POLICY_NAME;
import static upahead.server.policies.PoliciesJoined.policies;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import upahead.core.calendar.DateSpan;
import upahead.core.quantity.Amount;
import upahead.server.employment.PeopleJoined;
import upahead.server.platform.sql.Rows;
import upahead.server.policies.PoliciesJoined;
import upahead.server.policies.SeenBy;

/** Who is away or asks to be, day by day, over the teams in which they are that day. */
@Repository
public class AbsentStore {

    private static final int SHORT = 31;

    private final DSLContext sql;

    AbsentStore(DSLContext sql) {
        this.sql = sql;
    }

    /**
     * Approved and waiting days that cost hours, by name and day.
     *
     * @param teamId of one team, null for all
     */
    public List<Absent> within(DateSpan days, Long teamId) {
        var list = sql.select(
                        LEAVE_DAY.ON_DATE,
                        LEAVE_REQUEST.ID,
                        PERSON_ID,
                        PERSON_NAME,
                        PeopleJoined.TEAM_ID,
                        PeopleJoined.SITE_ID,
                        PeopleJoined.APPROVER_ID,
                        LEAVE_REQUEST.POLICY_ID,
                        POLICY_NAME,
                        LEAVE_DAY.ASKED,
                        LEAVE_DAY.HOURS,
                        LEAVE_DAY.DECISION,
                        PoliciesJoined.SEEN_BY,
                        PoliciesJoined.KIND_SHOWS,
                        LEAVE_DAY.FROM_TIME,
                        LEAVE_DAY.TO_TIME)
                .from(LEAVE_DAY)
                .join(LEAVE_REQUEST)
                .on(LEAVE_REQUEST.ID.eq(LEAVE_DAY.REQUEST_ID));
        List<Absent> absent = new ArrayList<>();
        Rows.each(
                policies(peopleAtWork(list, LEAVE_REQUEST.PERSON_ID, LEAVE_DAY.ON_DATE), LEAVE_REQUEST.POLICY_ID)
                        .where(LEAVE_DAY.ON_DATE.between(days.first(), days.last()))
                        .and(LEAVE_DAY.HOURS.gt(BigDecimal.ZERO))
                        .and(LEAVE_DAY
                                .DECISION
                                .eq(Decision.APPROVED.name())
                                .or(LEAVE_DAY
                                        .DECISION
                                        .isNull()
                                        .and(LEAVE_REQUEST.STATE.eq(RequestState.WAITING.name()))))
                        .and(teamId == null ? DSL.noCondition() : ofTeam(teamId, days))
                        .orderBy(PERSON_NAME, PERSON_ID, LEAVE_DAY.ON_DATE),
                row -> absent.add(new Absent(
                        row.getObject(1, LocalDate.class),
                        row.getLong(2),
                        row.getLong(3),
                        row.getString(4),
                        row.getLong(5),
                        row.getLong(6),
                        row.getObject(7, Long.class),
                        row.getLong(8),
                        row.getString(9),
                        RequestDraft.Part.valueOf(row.getString(10)),
                        new Amount(row.getBigDecimal(11)),
                        LeaveDayStore.between(row.getObject(15, LocalTime.class), row.getObject(16, LocalTime.class)),
                        row.getString(12) != null,
                        SeenBy.valueOf(row.getString(13)),
                        row.getBoolean(14))));
        return absent;
    }

    /** A short span is looked for by its days: they have few rows, and a large team has many placements. */
    private static Condition ofTeam(long teamId, DateSpan days) {
        return days.days() > SHORT
                ? inTeam(teamId)
                : PeopleJoined.TEAM_ID.plus(0).eq(teamId);
    }
}
