package upahead.server.requests.leave;

import static upahead.server.database.Tables.LEAVE_DAY;
import static upahead.server.database.Tables.LEAVE_REQUEST;
import static upahead.server.platform.sql.Among.among;
import static upahead.server.policies.PoliciesJoined.POLICY_NAME;
import static upahead.server.policies.PoliciesJoined.policies;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import upahead.core.calendar.DateSpan;
import upahead.core.quantity.Amount;
import upahead.core.quantity.Unit;
import upahead.server.policies.PoliciesJoined;

/** How much leave somebody took. */
@Repository
public class TakenStore {

    private final DSLContext sql;

    public TakenStore(DSLContext sql) {
        this.sql = sql;
    }

    /**
     * Approved leave of one kind.
     *
     * @param amount in the policy's unit
     * @param days on which some of it was taken, above 0
     */
    public record TakenOfKind(long policyId, String policy, Unit unit, Amount amount, int days) {}

    /** What is approved for some people on some days, by person; of each by kind, the most days first. */
    public Map<Long, List<TakenOfKind>> of(Collection<Long> people, DateSpan span) {
        var amount = DSL.sum(LEAVE_DAY.AMOUNT);
        var days = DSL.countDistinct(LEAVE_DAY.ON_DATE);
        var list = sql.select(LEAVE_REQUEST.PERSON_ID, LEAVE_REQUEST.POLICY_ID, amount, days)
                .select(PoliciesJoined.FIELDS)
                .from(LEAVE_DAY)
                .join(LEAVE_REQUEST)
                .on(LEAVE_REQUEST.ID.eq(LEAVE_DAY.REQUEST_ID));
        return policies(list, LEAVE_REQUEST.POLICY_ID)
                .where(among(LEAVE_REQUEST.PERSON_ID, people))
                .and(LEAVE_DAY.DECISION.eq(Decision.APPROVED.name()))
                .and(LEAVE_DAY.ON_DATE.between(span.first(), span.last()))
                .and(LEAVE_DAY.AMOUNT.gt(BigDecimal.ZERO))
                .groupBy(Stream.concat(
                                Stream.of(LEAVE_REQUEST.PERSON_ID, LEAVE_REQUEST.POLICY_ID),
                                PoliciesJoined.FIELDS.stream())
                        .toList())
                .orderBy(days.desc(), POLICY_NAME)
                .fetchGroups(
                        LEAVE_REQUEST.PERSON_ID,
                        row -> new TakenOfKind(
                                row.get(LEAVE_REQUEST.POLICY_ID),
                                row.get(POLICY_NAME),
                                PoliciesJoined.unit(row),
                                new Amount(row.get(amount)),
                                row.get(days)));
    }

    /** The first day from a day on on which some people have approved leave, by person; those who have none are not there. */
    public Map<Long, LocalDate> nextDays(Collection<Long> people, LocalDate from) {
        return sql.select(LEAVE_REQUEST.PERSON_ID, DSL.min(LEAVE_DAY.ON_DATE))
                .from(LEAVE_DAY)
                .join(LEAVE_REQUEST)
                .on(LEAVE_REQUEST.ID.eq(LEAVE_DAY.REQUEST_ID))
                .where(among(LEAVE_REQUEST.PERSON_ID, people))
                .and(LEAVE_DAY.DECISION.eq(Decision.APPROVED.name()))
                .and(LEAVE_DAY.ON_DATE.ge(from))
                .and(LEAVE_DAY.HOURS.gt(BigDecimal.ZERO))
                .groupBy(LEAVE_REQUEST.PERSON_ID)
                .fetchMap(row -> row.value1(), row -> row.value2());
    }
}
