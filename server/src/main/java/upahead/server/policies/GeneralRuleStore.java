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

    private final DSLContext sql;
    private final StoredJson json;

    GeneralRuleStore(DSLContext sql, StoredJson json) {
        this.sql = sql;
        this.json = json;
    }

    Optional<List<SignOffStep>> signOffs() {
        return sql.select(GENERAL_RULE.RULE)
                .from(GENERAL_RULE)
                .where(GENERAL_RULE.NAME.eq(SIGN_OFFS))
                .fetchOptional(GENERAL_RULE.RULE)
                .map(rule -> List.of(json.read(rule, SignOffStep[].class)));
    }

    void setSignOffs(List<SignOffStep> path) {
        sql.deleteFrom(GENERAL_RULE).where(GENERAL_RULE.NAME.eq(SIGN_OFFS)).execute();
        sql.insertInto(GENERAL_RULE)
                .set(GENERAL_RULE.NAME, SIGN_OFFS)
                .set(GENERAL_RULE.RULE, json.written(path))
                .execute();
    }
}
