package upahead.server.employment;

import static upahead.server.database.Tables.PERSON;
import static upahead.server.database.Tables.PERSON_PLACEMENT;
import static upahead.server.employment.PeopleJoined.placed;
import static upahead.server.organisation.OrganisationJoined.PAY_GROUP_NAME;
import static upahead.server.organisation.OrganisationJoined.SITE_NAME;
import static upahead.server.organisation.OrganisationJoined.TEAM_NAME;
import static upahead.server.organisation.OrganisationJoined.payGroups;
import static upahead.server.organisation.OrganisationJoined.sites;
import static upahead.server.organisation.OrganisationJoined.teams;
import static upahead.server.platform.sql.Among.among;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record19;
import org.jooq.Records;
import org.jooq.SelectOnConditionStep;
import org.jooq.SortField;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import upahead.server.organisation.OrganisationJoined;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.sql.AnyCase;
import upahead.server.platform.sql.Rows;

/** The directory of people: found by whatever they are and wherever they work on a day. */
@Repository
class DirectoryStore {

    private static final upahead.server.database.tables.Person APPROVER = PERSON.as("approver");

    private final DSLContext sql;
    private final MovableClock clock;

    DirectoryStore(DSLContext sql, MovableClock clock) {
        this.sql = sql;
        this.clock = clock;
    }

    Optional<Person> find(long id) {
        return people(null).where(PERSON.ID.eq(id)).fetchOptional(Records.mapping(Person::new));
    }

    List<Person> withAddress(String email) {
        return people(null).where(AnyCase.same(PERSON.EMAIL, email)).fetch(Records.mapping(Person::new));
    }

    List<Person> find(Collection<Long> ids) {
        return people(null)
                .where(among(PERSON.ID, ids))
                .orderBy(PERSON.NAME, PERSON.ID)
                .fetch(Records.mapping(Person::new));
    }

    /** Who left before a day, did not come back and still has a name; whoever left first comes first. */
    List<Person> gone(LocalDate before, int most) {
        upahead.server.database.tables.Person later = PERSON.as("later");
        return people(null)
                .where(PERSON.LAST_DAY.lt(before))
                .and(PERSON.NAMELESS_SINCE.isNull())
                .andNotExists(DSL.selectOne().from(later).where(later.EARLIER_ID.eq(PERSON.ID)))
                .orderBy(PERSON.LAST_DAY, PERSON.NAME, PERSON.ID)
                .limit(most)
                .fetch(Records.mapping(Person::new));
    }

    int countNameless() {
        return sql.fetchCount(PERSON, PERSON.NAMELESS_SINCE.isNotNull());
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
        List<Whereabouts> all = new ArrayList<>();
        Rows.each(
                sql.select(
                                PERSON.ID,
                                PERSON.LAST_DAY,
                                PERSON_PLACEMENT.SITE_ID,
                                PERSON_PLACEMENT.TEAM_ID,
                                PERSON_PLACEMENT.EMPLOYMENT_TYPE,
                                PERSON_PLACEMENT.PAY_GROUP_ID,
                                PERSON_PLACEMENT.APPROVER_ID)
                        .from(PERSON)
                        .join(PERSON_PLACEMENT)
                        .on(placed(on))
                        .orderBy(PERSON.NAME, PERSON.ID),
                row -> all.add(new Whereabouts(
                        row.getLong(1),
                        row.getObject(2, LocalDate.class),
                        new Placing(
                                row.getLong(3),
                                row.getLong(4),
                                EmploymentType.valueOf(row.getString(5)),
                                row.getLong(6),
                                row.getObject(7, Long.class)))));
        return all;
    }

    private static List<SortField<?>> order(PeopleQuery query) {
        Field<?> first =
                switch (query.order()) {
                    case NAME -> PERSON.NAME;
                    case CODE -> PERSON.CODE;
                    case TEAM -> TEAM_NAME;
                    case SITE -> SITE_NAME;
                    case EMPLOYED_AS -> PERSON_PLACEMENT.EMPLOYMENT_TYPE;
                    case PAY_GROUP -> PAY_GROUP_NAME;
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
                List<Long> teams = OrganisationJoined.teamsNamed(sql, word);
                Condition named = PeopleJoined.named(word);
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
        if (query.among() != null) {
            condition = condition.and(among(PERSON.ID, query.among()));
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
                    Record19<
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
                            Long,
                            LocalDate>>
            people(LocalDate on) {
        var list = sql.select(
                        PERSON.ID,
                        PERSON.CODE,
                        PERSON.NAME,
                        PERSON.EMAIL,
                        PERSON_PLACEMENT.SITE_ID,
                        SITE_NAME,
                        PERSON_PLACEMENT.TEAM_ID,
                        TEAM_NAME,
                        PERSON_PLACEMENT.EMPLOYMENT_TYPE.convertFrom(EmploymentType::valueOf),
                        PERSON_PLACEMENT.PAY_GROUP_ID,
                        PAY_GROUP_NAME,
                        PERSON_PLACEMENT.APPROVER_ID,
                        APPROVER.NAME,
                        PERSON.HIRED,
                        PERSON.LAST_DAY,
                        PERSON.SERVICE_FROM,
                        PERSON.CLOCK_CODE,
                        PERSON.EARLIER_ID,
                        PERSON.NAMELESS_SINCE)
                .from(PERSON)
                .join(PERSON_PLACEMENT)
                .on(placed(day(on)));
        return payGroups(
                        teams(sites(list, PERSON_PLACEMENT.SITE_ID), PERSON_PLACEMENT.TEAM_ID),
                        PERSON_PLACEMENT.PAY_GROUP_ID)
                .leftJoin(APPROVER)
                .on(APPROVER.ID.eq(PERSON_PLACEMENT.APPROVER_ID));
    }
}
