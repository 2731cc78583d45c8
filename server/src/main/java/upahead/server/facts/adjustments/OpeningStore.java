package upahead.server.facts.adjustments;

import static upahead.server.database.Tables.OPENING_BALANCE;
import static upahead.server.database.Tables.OPENING_LOT;
import static upahead.server.platform.sql.Among.among;

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
import upahead.core.facts.OpeningBalance;
import upahead.core.facts.OpeningBalance.OpeningLot;
import upahead.core.quantity.Amount;
import upahead.server.platform.sql.Rows;

/** Opening balances with their lots. */
@Repository
class OpeningStore {

    private final DSLContext sql;

    OpeningStore(DSLContext sql) {
        this.sql = sql;
    }

    Map<Long, List<OpeningFact>> of(Collection<Long> people) {
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

    int count() {
        return sql.fetchCount(OPENING_BALANCE);
    }

    void remove(long personId, long policyId, LocalDate on) {
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

    void add(long personId, long policyId, OpeningBalance opening) {
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
}
