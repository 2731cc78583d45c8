package upahead.server.people;

import static upahead.server.database.Tables.PAY_GROUP;
import static upahead.server.database.Tables.PERSON;
import static upahead.server.database.Tables.PERSON_PLACEMENT;
import static upahead.server.database.Tables.SITE;
import static upahead.server.database.Tables.TEAM;
import static upahead.server.sql.Among.among;
import static upahead.server.sql.Placed.placed;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record;
import org.jooq.SelectOnConditionStep;
import org.jooq.SortField;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import upahead.server.clock.MovableClock;
import upahead.server.database.tables.records.PersonRecord;
import upahead.server.sql.Inserts;

/** The directory of people. */
@Repository
class PersonStore {

    private static final upahead.server.database.tables.Person APPROVER = PERSON.as("approver");

    private final DSLContext sql;
    private final MovableClock clock;

    PersonStore(DSLContext sql, MovableClock clock) {
        this.sql = sql;
        this.clock = clock;
    }

    void add(Collection<NewPerson> people) {
        Inserts.all(
                sql,
                people.stream()
                        .map(person -> {
                            PersonRecord row = sql.newRecord(PERSON);
                            row.setCode(person.code());
                            row.setName(person.name());
                            row.setEmail(person.email());
                            row.setHired(person.hired());
                            row.setLastDay(person.lastDay());
                            row.setServiceFrom(person.serviceFrom());
                            row.setClockCode(person.clockCode());
                            return row;
                        })
                        .toList());
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

    void change(long personId, PersonDetails details) {
        sql.update(PERSON)
                .set(PERSON.CODE, details.code())
                .set(PERSON.NAME, details.name())
                .set(PERSON.EMAIL, details.email())
                .set(PERSON.SERVICE_FROM, details.serviceFrom())
                .set(PERSON.CLOCK_CODE, details.clockCode())
                .where(PERSON.ID.eq(personId))
                .execute();
    }

    void setLastDay(long personId, LocalDate lastDay) {
        sql.update(PERSON)
                .set(PERSON.LAST_DAY, lastDay)
                .where(PERSON.ID.eq(personId))
                .execute();
    }

    void setEarlier(long personId, long earlierId) {
        sql.update(PERSON)
                .set(PERSON.EARLIER_ID, earlierId)
                .where(PERSON.ID.eq(personId))
                .execute();
    }

    /** The employment that followed an earlier one of the same human being. */
    Optional<Long> later(long earlierId) {
        return sql.select(PERSON.ID)
                .from(PERSON)
                .where(PERSON.EARLIER_ID.eq(earlierId))
                .fetchOptional(PERSON.ID);
    }

    /** The ids of all people by their codes, in capitals. */
    Map<String, Long> idsByCode() {
        return sql.select(PERSON.CODE, PERSON.ID)
                .from(PERSON)
                .fetchMap(row -> row.value1().toUpperCase(Locale.ROOT), row -> row.value2());
    }

    boolean codeIsTaken(String code, long exceptPersonId) {
        return sql.fetchExists(PERSON, PERSON.CODE.equalIgnoreCase(code).and(PERSON.ID.ne(exceptPersonId)));
    }

    boolean clockCodeIsTaken(String clockCode, long exceptPersonId) {
        return sql.fetchExists(PERSON, PERSON.CLOCK_CODE.eq(clockCode).and(PERSON.ID.ne(exceptPersonId)));
    }

    Optional<Person> find(long id) {
        return people(null).where(PERSON.ID.eq(id)).fetchOptional(PersonStore::person);
    }

    List<Person> find(Collection<Long> ids) {
        return people(null).where(among(PERSON.ID, ids)).orderBy(PERSON.NAME).fetch(PersonStore::person);
    }

    List<Person> search(PeopleQuery query) {
        return people(query.on())
                .where(matching(query))
                .orderBy(order(query))
                .limit(query.size())
                .offset(query.page() * query.size())
                .fetch(PersonStore::person);
    }

    private static List<SortField<?>> order(PeopleQuery query) {
        Field<?> first =
                switch (query.order()) {
                    case NAME -> PERSON.NAME;
                    case CODE -> PERSON.CODE;
                    case TEAM -> TEAM.NAME;
                    case SITE -> SITE.NAME;
                    case EMPLOYED_AS -> PERSON_PLACEMENT.EMPLOYMENT_TYPE;
                    case PAY_GROUP -> PAY_GROUP.NAME;
                    case APPROVER -> APPROVER.NAME;
                    case HIRED -> PERSON.HIRED;
                    case LAST_DAY -> PERSON.LAST_DAY;
                };
        return List.of(
                (query.descending() ? first.desc() : first.asc()).nullsLast(), PERSON.NAME.asc(), PERSON.ID.asc());
    }

    int count(PeopleQuery query) {
        return sql.fetchCount(sql.select(PERSON.ID)
                .from(PERSON)
                .join(PERSON_PLACEMENT)
                .on(placed(day(query.on())))
                .where(matching(query)));
    }

    private LocalDate day(LocalDate on) {
        return on == null ? clock.today() : on;
    }

    private Condition matching(PeopleQuery query) {
        Condition condition = DSL.noCondition();
        if (query.search() != null && !query.search().isBlank()) {
            for (String word : query.search().strip().split("\\s+")) {
                List<Long> teams = sql.select(TEAM.ID)
                        .from(TEAM)
                        .where(TEAM.NAME.containsIgnoreCase(word))
                        .fetch(TEAM.ID);
                Condition named = PERSON.NAME.containsIgnoreCase(word).or(PERSON.CODE.containsIgnoreCase(word));
                condition = condition.and(teams.isEmpty() ? named : named.or(among(PERSON_PLACEMENT.TEAM_ID, teams)));
            }
        }
        if (query.teamId() != null) {
            condition = condition.and(PERSON_PLACEMENT.TEAM_ID.eq(query.teamId()));
        }
        if (query.siteId() != null) {
            condition = condition.and(PERSON_PLACEMENT.SITE_ID.eq(query.siteId()));
        }
        if (query.payGroupId() != null) {
            condition = condition.and(PERSON_PLACEMENT.PAY_GROUP_ID.eq(query.payGroupId()));
        }
        if (query.approverId() != null) {
            condition = condition.and(PERSON_PLACEMENT.APPROVER_ID.eq(query.approverId()));
        }
        if (query.employmentType() != null) {
            condition = condition.and(
                    PERSON_PLACEMENT.EMPLOYMENT_TYPE.eq(query.employmentType().name()));
        }
        return query.status() == null ? condition : condition.and(employed(query.status(), clock.today()));
    }

    private static Condition employed(PeopleQuery.Status status, LocalDate today) {
        return switch (status) {
            case COMING -> PERSON.HIRED.gt(today);
            case LEFT -> PERSON.LAST_DAY.lt(today);
            case EMPLOYED -> PERSON.HIRED.le(today).and(PERSON.LAST_DAY.isNull().or(PERSON.LAST_DAY.ge(today)));
        };
    }

    private SelectOnConditionStep<Record> people(LocalDate on) {
        return sql.select(
                        PERSON.asterisk(),
                        PERSON_PLACEMENT.asterisk(),
                        SITE.NAME,
                        TEAM.NAME,
                        PAY_GROUP.NAME,
                        APPROVER.NAME)
                .from(PERSON)
                .join(PERSON_PLACEMENT)
                .on(placed(day(on)))
                .join(SITE)
                .on(SITE.ID.eq(PERSON_PLACEMENT.SITE_ID))
                .join(TEAM)
                .on(TEAM.ID.eq(PERSON_PLACEMENT.TEAM_ID))
                .join(PAY_GROUP)
                .on(PAY_GROUP.ID.eq(PERSON_PLACEMENT.PAY_GROUP_ID))
                .leftJoin(APPROVER)
                .on(APPROVER.ID.eq(PERSON_PLACEMENT.APPROVER_ID));
    }

    private static Person person(Record row) {
        return new Person(
                row.get(PERSON.ID),
                row.get(PERSON.CODE),
                row.get(PERSON.NAME),
                row.get(PERSON.EMAIL),
                row.get(PERSON_PLACEMENT.SITE_ID),
                row.get(SITE.NAME),
                row.get(PERSON_PLACEMENT.TEAM_ID),
                row.get(TEAM.NAME),
                EmploymentType.valueOf(row.get(PERSON_PLACEMENT.EMPLOYMENT_TYPE)),
                row.get(PERSON_PLACEMENT.PAY_GROUP_ID),
                row.get(PAY_GROUP.NAME),
                row.get(PERSON_PLACEMENT.APPROVER_ID),
                row.get(APPROVER.NAME),
                row.get(PERSON.HIRED),
                row.get(PERSON.LAST_DAY),
                row.get(PERSON.SERVICE_FROM),
                row.get(PERSON.CLOCK_CODE),
                row.get(PERSON.EARLIER_ID));
    }
}
