package upahead.server.organisation;

import static upahead.server.database.Tables.PAY_GROUP;
import static upahead.server.database.Tables.SITE;
import static upahead.server.database.Tables.TEAM;

import java.util.List;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record;
import org.jooq.SelectJoinStep;
import org.jooq.SelectOnConditionStep;
import upahead.server.platform.sql.AnyCase;

/**
 * The pieces of SQL by which other stores name sites, teams and pay groups in their lists: the tables themselves are read
 * here and nowhere else.
 */
public final class OrganisationJoined {

    public static final Field<String> SITE_NAME = SITE.NAME;
    public static final Field<String> TEAM_NAME = TEAM.NAME;
    public static final Field<String> PAY_GROUP_NAME = PAY_GROUP.NAME;

    private OrganisationJoined() {}

    /** A list with its sites; each of its rows has one. */
    public static <R extends Record> SelectOnConditionStep<R> sites(SelectJoinStep<R> list, Field<Long> siteId) {
        return list.join(SITE).on(SITE.ID.eq(siteId));
    }

    /** A list with its teams; each of its rows has one. */
    public static <R extends Record> SelectOnConditionStep<R> teams(SelectJoinStep<R> list, Field<Long> teamId) {
        return list.join(TEAM).on(TEAM.ID.eq(teamId));
    }

    /** A list with the teams some of its rows have. */
    public static <R extends Record> SelectOnConditionStep<R> teamsIfAny(SelectJoinStep<R> list, Field<Long> teamId) {
        return list.leftJoin(TEAM).on(TEAM.ID.eq(teamId));
    }

    /** A list with its pay groups; each of its rows has one. */
    public static <R extends Record> SelectOnConditionStep<R> payGroups(
            SelectJoinStep<R> list, Field<Long> payGroupId) {
        return list.join(PAY_GROUP).on(PAY_GROUP.ID.eq(payGroupId));
    }

    /** The ids of the teams in whose names a word stands, in capitals or not. */
    public static List<Long> teamsNamed(DSLContext sql, String word) {
        return sql.select(TEAM.ID)
                .from(TEAM)
                .where(AnyCase.contains(TEAM.NAME, word))
                .fetch(TEAM.ID);
    }
}
