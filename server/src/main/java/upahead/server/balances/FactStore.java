package upahead.server.balances;

import static upahead.server.database.Tables.ADJUSTMENT;
import static upahead.server.database.Tables.LEAVE_DAY;
import static upahead.server.database.Tables.LEAVE_REQUEST;
import static upahead.server.database.Tables.OPENING_BALANCE;
import static upahead.server.database.Tables.OPENING_LOT;
import static upahead.server.database.Tables.WORK_ENTRY;
import static upahead.server.sql.Among.among;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import upahead.core.facts.Adjustment;
import upahead.core.facts.OpeningBalance;
import upahead.core.facts.OpeningBalance.OpeningLot;
import upahead.core.hours.Work;
import upahead.core.quantity.Amount;
import upahead.server.sql.Rows;

/** The facts of many people in a few queries, as the computation needs them; and those that are typed on a balance. */
@Repository
class FactStore {

    /** An approved day of leave. */
    record LeaveFact(long personId, long policyId, LocalDate on, Amount hours, Amount amount) {}

    record AdjustmentFact(long personId, long policyId, Adjustment adjustment) {}

    record OpeningFact(long personId, long policyId, OpeningBalance opening) {}

    private static final String APPROVED = "APPROVED";

    private final DSLContext sql;

    FactStore(DSLContext sql) {
        this.sql = sql;
    }

    Map<Long, List<Work>> work(Collection<Long> people) {
        Map<Long, List<Work>> work = new HashMap<>();
        Map<String, String> kinds = new HashMap<>();
        Rows.each(
                sql.select(WORK_ENTRY.PERSON_ID, WORK_ENTRY.ON_DATE, WORK_ENTRY.KIND, WORK_ENTRY.HOURS)
                        .from(WORK_ENTRY)
                        .where(among(WORK_ENTRY.PERSON_ID, people)),
                row -> work.computeIfAbsent(row.getLong(1), unused -> new ArrayList<>())
                        .add(new Work(
                                row.getObject(2, LocalDate.class),
                                kinds.computeIfAbsent(row.getString(3), kind -> kind),
                                new Amount(row.getBigDecimal(4)))));
        return work;
    }

    Map<Long, List<LeaveFact>> approvedLeave(Collection<Long> people) {
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
                        .and(LEAVE_DAY.DECISION.eq(APPROVED))
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

    Map<Long, List<AdjustmentFact>> adjustments(Collection<Long> people) {
        return sql.selectFrom(ADJUSTMENT)
                .where(among(ADJUSTMENT.PERSON_ID, people))
                .fetchGroups(
                        ADJUSTMENT.PERSON_ID,
                        row -> new AdjustmentFact(
                                row.getPersonId(),
                                row.getPolicyId(),
                                new Adjustment(row.getOnDate(), new Amount(row.getAmount()), row.getReason())));
    }

    Map<Long, List<OpeningFact>> openings(Collection<Long> people) {
        Map<Long, List<OpeningLot>> lots = sql.select(
                        OPENING_LOT.OPENING_BALANCE_ID, OPENING_LOT.AMOUNT, OPENING_LOT.LAST_USABLE)
                .from(OPENING_LOT)
                .join(OPENING_BALANCE)
                .on(OPENING_BALANCE.ID.eq(OPENING_LOT.OPENING_BALANCE_ID))
                .where(among(OPENING_BALANCE.PERSON_ID, people))
                .orderBy(OPENING_LOT.ID)
                .fetchGroups(
                        OPENING_LOT.OPENING_BALANCE_ID,
                        row -> new OpeningLot(new Amount(row.value2()), Optional.ofNullable(row.value3())));
        Map<Long, List<OpeningFact>> openings = new HashMap<>();
        Rows.each(
                sql.select(
                                OPENING_BALANCE.ID,
                                OPENING_BALANCE.PERSON_ID,
                                OPENING_BALANCE.POLICY_ID,
                                OPENING_BALANCE.ON_DATE,
                                OPENING_BALANCE.BALANCE,
                                OPENING_BALANCE.EARNED_THIS_YEAR,
                                OPENING_BALANCE.USED_THIS_YEAR,
                                OPENING_BALANCE.HOURS_TOWARD_NEXT_STEP)
                        .from(OPENING_BALANCE)
                        .where(among(OPENING_BALANCE.PERSON_ID, people)),
                row -> openings.computeIfAbsent(row.getLong(2), unused -> new ArrayList<>())
                        .add(new OpeningFact(
                                row.getLong(2),
                                row.getLong(3),
                                new OpeningBalance(
                                        row.getObject(4, LocalDate.class),
                                        new Amount(row.getBigDecimal(5)),
                                        new Amount(row.getBigDecimal(6)),
                                        new Amount(row.getBigDecimal(7)),
                                        lots.getOrDefault(row.getLong(1), List.of()),
                                        new Amount(row.getBigDecimal(8))))));
        return openings;
    }

    int countOpenings() {
        return sql.fetchCount(OPENING_BALANCE);
    }

    void removeOpening(long personId, long policyId, LocalDate on) {
        Condition which = OPENING_BALANCE
                .PERSON_ID
                .eq(personId)
                .and(OPENING_BALANCE.POLICY_ID.eq(policyId))
                .and(OPENING_BALANCE.ON_DATE.eq(on));
        sql.deleteFrom(OPENING_LOT)
                .where(OPENING_LOT.OPENING_BALANCE_ID.in(
                        sql.select(OPENING_BALANCE.ID).from(OPENING_BALANCE).where(which)))
                .execute();
        sql.deleteFrom(OPENING_BALANCE).where(which).execute();
    }

    void addOpening(long personId, long policyId, OpeningBalance opening) {
        long id = sql.insertInto(OPENING_BALANCE)
                .set(OPENING_BALANCE.PERSON_ID, personId)
                .set(OPENING_BALANCE.POLICY_ID, policyId)
                .set(OPENING_BALANCE.ON_DATE, opening.on())
                .set(OPENING_BALANCE.BALANCE, opening.balance().value())
                .set(OPENING_BALANCE.EARNED_THIS_YEAR, opening.earnedThisYear().value())
                .set(OPENING_BALANCE.USED_THIS_YEAR, opening.usedThisYear().value())
                .set(
                        OPENING_BALANCE.HOURS_TOWARD_NEXT_STEP,
                        opening.hoursTowardNextStep().value())
                .returningResult(OPENING_BALANCE.ID)
                .fetchOne(OPENING_BALANCE.ID);
        for (OpeningLot lot : opening.lots()) {
            sql.insertInto(OPENING_LOT)
                    .set(OPENING_LOT.OPENING_BALANCE_ID, id)
                    .set(OPENING_LOT.AMOUNT, lot.amount().value())
                    .set(OPENING_LOT.LAST_USABLE, lot.lastUsable().orElse(null))
                    .execute();
        }
    }

    void addAdjustment(long personId, long policyId, Adjustment adjustment, String author) {
        sql.insertInto(ADJUSTMENT)
                .set(ADJUSTMENT.PERSON_ID, personId)
                .set(ADJUSTMENT.POLICY_ID, policyId)
                .set(ADJUSTMENT.ON_DATE, adjustment.on())
                .set(ADJUSTMENT.AMOUNT, adjustment.amount().value())
                .set(ADJUSTMENT.REASON, adjustment.reason())
                .set(ADJUSTMENT.AUTHOR, author)
                .execute();
    }
}
