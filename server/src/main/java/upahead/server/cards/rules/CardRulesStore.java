package upahead.server.cards.rules;

import static upahead.server.database.Tables.CARD_RULES;
import static upahead.server.database.Tables.OVERTIME_RULE;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import upahead.core.cards.BreakRule;
import upahead.core.cards.Overtime;
import upahead.core.cards.PunchRounding;
import upahead.core.quantity.Amount;
import upahead.server.database.tables.records.CardRulesRecord;

/** The rules of each pay group, each from a day on. */
@Repository
class CardRulesStore {

    private record Key(long payGroupId, LocalDate starts) {}

    private final DSLContext sql;

    CardRulesStore(DSLContext sql) {
        this.sql = sql;
    }

    /** Sets the rules from a day on, in place of those that begin on the same day. */
    void put(CardRules rules) {
        remove(rules.payGroupId(), rules.starts());
        CardRulesRecord row = sql.newRecord(CARD_RULES);
        row.setPayGroupId(rules.payGroupId());
        row.setStarts(rules.starts());
        row.setRoundingMinutes(rules.rounding().minutes());
        row.setBreakAfter(
                rules.breakRule() == null ? null : rules.breakRule().after().value());
        row.setBreakMinutes(rules.breakRule() == null ? null : rules.breakRule().minutes());
        row.setTypedByPerson(rules.typedByPerson());
        row.setConfirmedByPerson(rules.confirmedByPerson());
        row.setConfirmedByApprover(rules.confirmedByApprover());
        row.store();
        for (int place = 0; place < rules.overtime().size(); place++) {
            Overtime overtime = rules.overtime().get(place);
            sql.insertInto(OVERTIME_RULE)
                    .set(OVERTIME_RULE.PAY_GROUP_ID, rules.payGroupId())
                    .set(OVERTIME_RULE.STARTS, rules.starts())
                    .set(OVERTIME_RULE.PLACE, place)
                    .set(OVERTIME_RULE.OVER_WHAT, overtime.over().name())
                    .set(OVERTIME_RULE.HOURS, overtime.hours().value())
                    .set(OVERTIME_RULE.KIND, overtime.kind())
                    .execute();
        }
    }

    void remove(long payGroupId, LocalDate starts) {
        sql.deleteFrom(OVERTIME_RULE)
                .where(OVERTIME_RULE.PAY_GROUP_ID.eq(payGroupId))
                .and(OVERTIME_RULE.STARTS.eq(starts))
                .execute();
        sql.deleteFrom(CARD_RULES)
                .where(CARD_RULES.PAY_GROUP_ID.eq(payGroupId))
                .and(CARD_RULES.STARTS.eq(starts))
                .execute();
    }

    /** All rules, of each group in order of time. */
    List<CardRules> all() {
        Map<Key, List<Overtime>> overtime = sql.selectFrom(OVERTIME_RULE)
                .orderBy(OVERTIME_RULE.PLACE)
                .fetchGroups(
                        row -> new Key(row.getPayGroupId(), row.getStarts()),
                        row -> new Overtime(
                                Overtime.Over.valueOf(row.getOverWhat()), new Amount(row.getHours()), row.getKind()));
        return sql.selectFrom(CARD_RULES)
                .orderBy(CARD_RULES.PAY_GROUP_ID, CARD_RULES.STARTS)
                .fetch(row -> new CardRules(
                        row.getPayGroupId(),
                        row.getStarts(),
                        new PunchRounding(row.getRoundingMinutes()),
                        breakRule(row.getBreakAfter(), row.getBreakMinutes()),
                        overtime.getOrDefault(new Key(row.getPayGroupId(), row.getStarts()), List.of()),
                        row.getTypedByPerson(),
                        row.getConfirmedByPerson(),
                        row.getConfirmedByApprover()));
    }

    private static BreakRule breakRule(BigDecimal after, Integer minutes) {
        return after == null || minutes == null ? null : new BreakRule(new Amount(after), minutes);
    }
}
