package upahead.server.holidays;

import static upahead.server.database.Tables.HOLIDAY_PAY;
import static upahead.server.database.Tables.HOLIDAY_RULE;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import upahead.core.quantity.Amount;
import upahead.server.employment.EmploymentType;
import upahead.server.platform.json.StoredJson;

/** The rules by which holidays come, and how they are paid. */
@Repository
class HolidayRuleStore {

    private final DSLContext sql;
    private final StoredJson json;

    HolidayRuleStore(DSLContext sql, StoredJson json) {
        this.sql = sql;
        this.json = json;
    }

    long add(long siteId, RuleForm rule) {
        return sql.insertInto(HOLIDAY_RULE)
                .set(HOLIDAY_RULE.SITE_ID, siteId)
                .set(HOLIDAY_RULE.RULE, json.written(rule))
                .returningResult(HOLIDAY_RULE.ID)
                .fetchOne(HOLIDAY_RULE.ID);
    }

    void change(long id, RuleForm rule) {
        sql.update(HOLIDAY_RULE)
                .set(HOLIDAY_RULE.RULE, json.written(rule))
                .where(HOLIDAY_RULE.ID.eq(id))
                .execute();
    }

    void remove(long id) {
        sql.deleteFrom(HOLIDAY_RULE).where(HOLIDAY_RULE.ID.eq(id)).execute();
    }

    List<HolidayRule> all() {
        return sql.selectFrom(HOLIDAY_RULE)
                .orderBy(HOLIDAY_RULE.ID)
                .fetch(row -> new HolidayRule(row.getId(), row.getSiteId(), json.read(row.getRule(), RuleForm.class)));
    }

    void setPay(HolidayPay pay) {
        sql.deleteFrom(HOLIDAY_PAY).where(HOLIDAY_PAY.SITE_ID.eq(pay.siteId())).execute();
        sql.insertInto(HOLIDAY_PAY)
                .set(HOLIDAY_PAY.SITE_ID, pay.siteId())
                .set(
                        HOLIDAY_PAY.FIXED_HOURS,
                        pay.fixedHours() == null ? null : pay.fixedHours().value())
                .set(HOLIDAY_PAY.BY_FTE, pay.byFte())
                .set(
                        HOLIDAY_PAY.EMPLOYMENT_TYPES,
                        pay.employmentTypes().stream().map(Enum::name).sorted().collect(Collectors.joining(" ")))
                .set(HOLIDAY_PAY.PAYROLL_CODE, pay.payrollCode())
                .execute();
    }

    /** How holidays are paid at the sites for which it was said. */
    Map<Long, HolidayPay> pay() {
        return sql.selectFrom(HOLIDAY_PAY)
                .fetchMap(
                        HOLIDAY_PAY.SITE_ID,
                        row -> new HolidayPay(
                                row.getSiteId(),
                                row.getFixedHours() == null ? null : new Amount(row.getFixedHours()),
                                row.getByFte(),
                                types(row.getEmploymentTypes()),
                                row.getPayrollCode()));
    }

    private static Set<EmploymentType> types(String names) {
        return Arrays.stream(names.split(" "))
                .filter(name -> !name.isEmpty())
                .map(EmploymentType::valueOf)
                .collect(Collectors.toSet());
    }
}
