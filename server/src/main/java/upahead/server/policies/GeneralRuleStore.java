package upahead.server.policies;

import static upahead.server.database.Tables.GENERAL_RULE;

import java.util.List;
import java.util.Optional;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import upahead.server.platform.json.StoredJson;

/** Rules that hold for all policies which have none of their own. */
@Repository
class GeneralRuleStore {

    private static final String SIGN_OFFS = "sign-offs";
    private static final String REMINDERS = "reminders";

    private final DSLContext sql;
    private final StoredJson json;

    GeneralRuleStore(DSLContext sql, StoredJson json) {
        this.sql = sql;
        this.json = json;
    }

    Optional<List<SignOffStep>> signOffs() {
        return rule(SIGN_OFFS, SignOffStep[].class).map(List::of);
    }

    void setSignOffs(List<SignOffStep> path) {
        set(SIGN_OFFS, path);
    }

    Optional<Reminding> reminding() {
        return rule(REMINDERS, Reminding.class);
    }

    void setReminding(Reminding reminding) {
        set(REMINDERS, reminding);
    }

    private <T> Optional<T> rule(String name, Class<T> type) {
        return sql.select(GENERAL_RULE.RULE)
                .from(GENERAL_RULE)
                .where(GENERAL_RULE.NAME.eq(name))
                .fetchOptional(GENERAL_RULE.RULE)
                .map(rule -> json.read(rule, type));
    }

    private void set(String name, Object rule) {
        sql.deleteFrom(GENERAL_RULE).where(GENERAL_RULE.NAME.eq(name)).execute();
        sql.insertInto(GENERAL_RULE)
                .set(GENERAL_RULE.NAME, name)
                .set(GENERAL_RULE.RULE, json.written(rule))
                .execute();
    }
}
