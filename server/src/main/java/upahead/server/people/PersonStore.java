package upahead.server.people;

import static upahead.server.database.Tables.PAY_GROUP;
import static upahead.server.database.Tables.PERSON;
import static upahead.server.database.Tables.SITE;
import static upahead.server.database.Tables.TEAM;
import static upahead.server.sql.Among.among;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.jooq.SelectOnConditionStep;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;

/** The directory of people. */
@Repository
class PersonStore {

    private static final upahead.server.database.tables.Person APPROVER = PERSON.as("approver");

    private final DSLContext sql;

    PersonStore(DSLContext sql) {
        this.sql = sql;
    }

    long add(NewPerson person) {
        return sql.insertInto(PERSON)
                .set(PERSON.CODE, person.code())
                .set(PERSON.NAME, person.name())
                .set(PERSON.EMAIL, person.email())
                .set(PERSON.SITE_ID, person.siteId())
                .set(PERSON.TEAM_ID, person.teamId())
                .set(PERSON.EMPLOYMENT_TYPE, person.employmentType().name())
                .set(PERSON.PAY_GROUP_ID, person.payGroupId())
                .set(PERSON.APPROVER_ID, person.approverId())
                .set(PERSON.HIRED, person.hired())
                .set(PERSON.LAST_DAY, person.lastDay())
                .set(PERSON.SERVICE_FROM, person.serviceFrom())
                .returningResult(PERSON.ID)
                .fetchOne(PERSON.ID);
    }

    /** Moves the hire date, and the service date where it was the same. */
    void moveHireDate(long personId, LocalDate from, LocalDate to) {
        sql.update(PERSON).set(PERSON.HIRED, to).where(PERSON.ID.eq(personId)).execute();
        sql.update(PERSON)
                .set(PERSON.SERVICE_FROM, to)
                .where(PERSON.ID.eq(personId))
                .and(PERSON.SERVICE_FROM.eq(from))
                .execute();
    }

    void setApprover(long personId, long approverId) {
        sql.update(PERSON)
                .set(PERSON.APPROVER_ID, approverId)
                .where(PERSON.ID.eq(personId))
                .execute();
    }

    Optional<Person> find(long id) {
        return people().where(PERSON.ID.eq(id)).fetchOptional(PersonStore::person);
    }

    List<Person> find(Collection<Long> ids) {
        return people().where(among(PERSON.ID, ids)).orderBy(PERSON.NAME).fetch(PersonStore::person);
    }

    List<Person> search(PeopleQuery query) {
        return people().where(matching(query))
                .orderBy(PERSON.NAME, PERSON.ID)
                .limit(query.size())
                .offset(query.page() * query.size())
                .fetch(PersonStore::person);
    }

    int count(PeopleQuery query) {
        return sql.fetchCount(sql.select(PERSON.ID)
                .from(PERSON)
                .join(TEAM)
                .on(TEAM.ID.eq(PERSON.TEAM_ID))
                .where(matching(query)));
    }

    private static Condition matching(PeopleQuery query) {
        Condition condition = DSL.noCondition();
        if (query.search() != null && !query.search().isBlank()) {
            for (String word : query.search().strip().split("\\s+")) {
                condition = condition.and(PERSON.NAME
                        .containsIgnoreCase(word)
                        .or(PERSON.CODE.containsIgnoreCase(word))
                        .or(TEAM.NAME.containsIgnoreCase(word)));
            }
        }
        if (query.teamId() != null) {
            condition = condition.and(PERSON.TEAM_ID.eq(query.teamId()));
        }
        if (query.siteId() != null) {
            condition = condition.and(PERSON.SITE_ID.eq(query.siteId()));
        }
        if (query.payGroupId() != null) {
            condition = condition.and(PERSON.PAY_GROUP_ID.eq(query.payGroupId()));
        }
        if (query.approverId() != null) {
            condition = condition.and(PERSON.APPROVER_ID.eq(query.approverId()));
        }
        return condition;
    }

    private SelectOnConditionStep<Record> people() {
        return sql.select(PERSON.asterisk(), SITE.NAME, TEAM.NAME, PAY_GROUP.NAME, APPROVER.NAME)
                .from(PERSON)
                .join(SITE)
                .on(SITE.ID.eq(PERSON.SITE_ID))
                .join(TEAM)
                .on(TEAM.ID.eq(PERSON.TEAM_ID))
                .join(PAY_GROUP)
                .on(PAY_GROUP.ID.eq(PERSON.PAY_GROUP_ID))
                .leftJoin(APPROVER)
                .on(APPROVER.ID.eq(PERSON.APPROVER_ID));
    }

    private static Person person(Record row) {
        return new Person(
                row.get(PERSON.ID),
                row.get(PERSON.CODE),
                row.get(PERSON.NAME),
                row.get(PERSON.EMAIL),
                row.get(PERSON.SITE_ID),
                row.get(SITE.NAME),
                row.get(PERSON.TEAM_ID),
                row.get(TEAM.NAME),
                EmploymentType.valueOf(row.get(PERSON.EMPLOYMENT_TYPE)),
                row.get(PERSON.PAY_GROUP_ID),
                row.get(PAY_GROUP.NAME),
                row.get(PERSON.APPROVER_ID),
                row.get(APPROVER.NAME),
                row.get(PERSON.HIRED),
                row.get(PERSON.LAST_DAY));
    }
}
