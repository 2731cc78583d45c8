package upahead.server.employment;

import static upahead.server.database.Tables.PERSON;
import static upahead.server.database.Tables.PERSON_PLACEMENT;
import static upahead.server.organisation.OrganisationJoined.teams;

import java.time.LocalDate;
import org.jooq.Condition;
import org.jooq.Field;
import org.jooq.Record;
import org.jooq.SelectJoinStep;
import org.jooq.SelectOnConditionStep;
import org.jooq.impl.DSL;
import upahead.server.platform.sql.AnyCase;

/**
 * The pieces of SQL by which other stores name people in their lists and choose by where these work: the tables
 * themselves are read here and nowhere else.
 */
public final class PeopleJoined {

    public static final Field<Long> PERSON_ID = PERSON.ID;
    public static final Field<String> PERSON_NAME = PERSON.NAME;

    private static final Field<String> NAME_AND_CODE =
            PERSON.NAME.concat(DSL.inline(" ")).concat(PERSON.CODE);

    /** Of a list with people at work, where they are. */
    public static final Field<Long> TEAM_ID = PERSON_PLACEMENT.TEAM_ID;

    public static final Field<Long> SITE_ID = PERSON_PLACEMENT.SITE_ID;
    public static final Field<Long> APPROVER_ID = PERSON_PLACEMENT.APPROVER_ID;

    private PeopleJoined() {}

    /** A list with its people; each of its rows has one. */
    public static <R extends Record> SelectOnConditionStep<R> people(SelectJoinStep<R> list, Field<Long> personId) {
        return list.join(PERSON).on(PERSON.ID.eq(personId));
    }

    /** A list with the people some of its rows have. */
    public static <R extends Record> SelectOnConditionStep<R> peopleIfAny(
            SelectJoinStep<R> list, Field<Long> personId) {
        return list.leftJoin(PERSON).on(PERSON.ID.eq(personId));
    }

    /** A list with its people, where they work on a day and the names of their teams. */
    public static <R extends Record> SelectOnConditionStep<R> peopleAtWork(
            SelectJoinStep<R> list, Field<Long> personId, LocalDate on) {
        return teams(people(list, personId).join(PERSON_PLACEMENT).on(placed(on)), PERSON_PLACEMENT.TEAM_ID);
    }

    /** A list with its people and where they work on a day of each row. */
    public static <R extends Record> SelectOnConditionStep<R> peopleAtWork(
            SelectJoinStep<R> list, Field<Long> personId, Field<LocalDate> on) {
        return people(list, personId).join(PERSON_PLACEMENT).on(placed(on));
    }

    /** Of a list with people, those in whose name or code a word stands, in capitals or not. */
    public static Condition named(String word) {
        return AnyCase.contains(NAME_AND_CODE, word);
    }

    /** Of a list with people at work, those of a team. */
    public static Condition inTeam(long teamId) {
        return PERSON_PLACEMENT.TEAM_ID.eq(teamId);
    }

    /** Of a list with people at work, those of a pay group. */
    public static Condition inPayGroup(long payGroupId) {
        return PERSON_PLACEMENT.PAY_GROUP_ID.eq(payGroupId);
    }

    /** Of a list with people at work, those whom somebody decides for. */
    public static Condition decidedBy(long approverId) {
        return PERSON_PLACEMENT.APPROVER_ID.eq(approverId);
    }

    /** Whether a placement is that of a person on a day; each person has exactly one on every day. */
    static Condition placed(LocalDate on) {
        return placed(DSL.val(on));
    }

    private static Condition placed(Field<LocalDate> on) {
        return PERSON_PLACEMENT
                .PERSON_ID
                .eq(PERSON.ID)
                .and(PERSON_PLACEMENT.STARTS.le(on))
                .and(PERSON_PLACEMENT.THROUGH.ge(on));
    }
}
