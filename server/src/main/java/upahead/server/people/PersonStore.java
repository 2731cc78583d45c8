package upahead.server.people;

import static upahead.server.database.Tables.ENROLMENT;
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
import java.util.Set;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record18;
import org.jooq.Records;
import org.jooq.SelectOnConditionStep;
import org.jooq.SortField;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import upahead.server.audit.Thing;
import upahead.server.audit.ThingNames;
import upahead.server.clock.MovableClock;
import upahead.server.database.tables.records.PersonRecord;
import upahead.server.sql.Inserts;
import upahead.server.sql.NamesById;

/** The directory of people. */
@Repository
class PersonStore implements ThingNames {

    private static final upahead.server.database.tables.Person APPROVER = PERSON.as("approver");

    private static final Field<String> NAME_AND_CODE =
            DSL.lower(PERSON.NAME.concat(DSL.inline(" ")).concat(PERSON.CODE));

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

    void remove(long personId) {
        sql.deleteFrom(PERSON_PLACEMENT)
                .where(PERSON_PLACEMENT.PERSON_ID.eq(personId))
                .execute();
        sql.deleteFrom(PERSON).where(PERSON.ID.eq(personId)).execute();
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
        return people(null).where(PERSON.ID.eq(id)).fetchOptional(Records.mapping(Person::new));
    }

    List<Person> find(Collection<Long> ids) {
        return people(null)
                .where(among(PERSON.ID, ids))
                .orderBy(PERSON.NAME, PERSON.ID)
                .fetch(Records.mapping(Person::new));
    }

    List<Person> search(PeopleQuery query) {
        return people(query.on())
                .where(matching(query))
                .orderBy(order(query))
                .limit(query.size())
                .offset((long) query.page() * query.size())
                .fetch(Records.mapping(Person::new));
    }

    /** Where everybody works on a day, by name. */
    List<Whereabouts> whereabouts(LocalDate on) {
        return sql.select(
                        PERSON.ID,
                        PERSON.LAST_DAY,
                        DSL.row(
                                        PERSON_PLACEMENT.SITE_ID,
                                        PERSON_PLACEMENT.TEAM_ID,
                                        PERSON_PLACEMENT.EMPLOYMENT_TYPE.convertFrom(EmploymentType::valueOf),
                                        PERSON_PLACEMENT.PAY_GROUP_ID,
                                        PERSON_PLACEMENT.APPROVER_ID)
                                .mapping(Placing::new))
                .from(PERSON)
                .join(PERSON_PLACEMENT)
                .on(placed(on))
                .orderBy(PERSON.NAME, PERSON.ID)
                .fetch(Records.mapping(Whereabouts::new));
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
                Condition named = NAME_AND_CODE.contains(word.toLowerCase(Locale.ROOT));
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
        if (query.withoutApprover()) {
            condition = condition.and(PERSON_PLACEMENT.APPROVER_ID.isNull());
        }
        if (query.enrolledIn() != null) {
            condition = condition.and(PERSON.ID.in(
                    DSL.select(ENROLMENT.PERSON_ID).from(ENROLMENT).where(ENROLMENT.POLICY_ID.eq(query.enrolledIn()))));
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

    private SelectOnConditionStep<
                    Record18<
                            Long,
                            String,
                            String,
                            String,
                            Long,
                            String,
                            Long,
                            String,
                            EmploymentType,
                            Long,
                            String,
                            Long,
                            String,
                            LocalDate,
                            LocalDate,
                            LocalDate,
                            String,
                            Long>>
            people(LocalDate on) {
        return sql.select(
                        PERSON.ID,
                        PERSON.CODE,
                        PERSON.NAME,
                        PERSON.EMAIL,
                        PERSON_PLACEMENT.SITE_ID,
                        SITE.NAME,
                        PERSON_PLACEMENT.TEAM_ID,
                        TEAM.NAME,
                        PERSON_PLACEMENT.EMPLOYMENT_TYPE.convertFrom(EmploymentType::valueOf),
                        PERSON_PLACEMENT.PAY_GROUP_ID,
                        PAY_GROUP.NAME,
                        PERSON_PLACEMENT.APPROVER_ID,
                        APPROVER.NAME,
                        PERSON.HIRED,
                        PERSON.LAST_DAY,
                        PERSON.SERVICE_FROM,
                        PERSON.CLOCK_CODE,
                        PERSON.EARLIER_ID)
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

    @Override
    public Set<Thing> things() {
        return Set.of(Thing.PERSON);
    }

    @Override
    public Map<Long, String> names(Thing thing, Collection<Long> ids) {
        return NamesById.of(sql, PERSON.ID, PERSON.NAME, ids);
    }
}
