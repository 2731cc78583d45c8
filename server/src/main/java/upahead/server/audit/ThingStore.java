package upahead.server.audit;

import static upahead.server.database.Tables.AWARD;
import static upahead.server.database.Tables.LEAVE_REQUEST;
import static upahead.server.database.Tables.PAY_GROUP;
import static upahead.server.database.Tables.PAY_RUN;
import static upahead.server.database.Tables.PERSON;
import static upahead.server.database.Tables.POLICY;
import static upahead.server.database.Tables.PROTECTED_DATE;
import static upahead.server.database.Tables.SITE;
import static upahead.server.database.Tables.TEAM;
import static upahead.server.sql.Among.among;

import java.util.Collection;
import java.util.Map;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.TableField;
import org.jooq.TableLike;
import org.springframework.stereotype.Repository;
import upahead.core.calendar.DateSpan;
import upahead.server.words.Words;

/** What the things that changes were made to are called. */
@Repository
class ThingStore {

    private final DSLContext sql;

    ThingStore(DSLContext sql) {
        this.sql = sql;
    }

    /** The names of things of one kind by their ids; what is not there any more has none. */
    Map<Long, String> names(String kind, Collection<Long> ids) {
        return switch (kind) {
            case "person" -> names(PERSON, PERSON.ID, PERSON.NAME, ids);
            case "policy" -> names(POLICY, POLICY.ID, POLICY.NAME, ids);
            case "site" -> names(SITE, SITE.ID, SITE.NAME, ids);
            case "team" -> names(TEAM, TEAM.ID, TEAM.NAME, ids);
            case "pay group" -> names(PAY_GROUP, PAY_GROUP.ID, PAY_GROUP.NAME, ids);
            case "award" -> names(AWARD, AWARD.ID, AWARD.NAME, ids);
            case "protected date" -> names(PROTECTED_DATE, PROTECTED_DATE.ID, PROTECTED_DATE.REASON, ids);
            case "request" -> requests(ids);
            case "pay run" -> payRuns(ids);
            default -> Map.of();
        };
    }

    private Map<Long, String> names(
            TableLike<?> table, TableField<?, Long> id, Field<String> name, Collection<Long> ids) {
        return sql.select(id, name).from(table).where(among(id, ids)).fetchMap(id, name);
    }

    private Map<Long, String> requests(Collection<Long> ids) {
        return sql.select(LEAVE_REQUEST.ID, PERSON.NAME, POLICY.NAME)
                .from(LEAVE_REQUEST)
                .join(PERSON)
                .on(PERSON.ID.eq(LEAVE_REQUEST.PERSON_ID))
                .join(POLICY)
                .on(POLICY.ID.eq(LEAVE_REQUEST.POLICY_ID))
                .where(among(LEAVE_REQUEST.ID, ids))
                .fetchMap(row -> row.value1(), row -> row.value2() + ", " + row.value3());
    }

    private Map<Long, String> payRuns(Collection<Long> ids) {
        return sql.select(PAY_RUN.ID, PAY_GROUP.NAME, PAY_RUN.FIRST_DAY, PAY_RUN.LAST_DAY)
                .from(PAY_RUN)
                .join(PAY_GROUP)
                .on(PAY_GROUP.ID.eq(PAY_RUN.PAY_GROUP_ID))
                .where(among(PAY_RUN.ID, ids))
                .fetchMap(
                        row -> row.value1(),
                        row -> row.value2() + ", " + Words.span(new DateSpan(row.value3(), row.value4())));
    }
}
