package upahead.server.employment;

import static upahead.server.database.Tables.PERSON_PLACEMENT;
import static upahead.server.platform.sql.Among.among;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import upahead.server.database.tables.records.PersonPlacementRecord;
import upahead.server.periods.PayGroupsOfPeople;
import upahead.server.platform.sql.Inserts;
import upahead.server.platform.sql.Rows;

/** Where people work, stretch by stretch; the stretches of a person follow each other without gap. */
@Repository
class PlacementStore implements PayGroupsOfPeople {

    private final DSLContext sql;

    PlacementStore(DSLContext sql) {
        this.sql = sql;
    }

    void add(Collection<Placement> placements) {
        Inserts.all(sql, placements.stream().map(this::row).toList());
    }

    /** Lets somebody be placed otherwise from a day to the end of the stretch in which it lies. */
    void change(long personId, LocalDate from, Placing placing) {
        Placement before = of(List.of(personId)).stream()
                .filter(stretch -> stretch.days().contains(from))
                .findFirst()
                .orElseThrow();
        if (before.starts().equals(from)) {
            sql.deleteFrom(PERSON_PLACEMENT)
                    .where(PERSON_PLACEMENT.PERSON_ID.eq(personId))
                    .and(PERSON_PLACEMENT.STARTS.eq(from))
                    .execute();
        } else {
            end(personId, before.starts(), from.minusDays(1));
        }
        add(List.of(new Placement(personId, from, before.through(), placing)));
    }

    /** Takes a change back: the stretch before goes on through the one that began with it. */
    void remove(Placement before, Placement removed) {
        sql.deleteFrom(PERSON_PLACEMENT)
                .where(PERSON_PLACEMENT.PERSON_ID.eq(removed.personId()))
                .and(PERSON_PLACEMENT.STARTS.eq(removed.starts()))
                .execute();
        end(before.personId(), before.starts(), removed.through());
    }

    private void end(long personId, LocalDate starts, LocalDate through) {
        sql.update(PERSON_PLACEMENT)
                .set(PERSON_PLACEMENT.THROUGH, through)
                .where(PERSON_PLACEMENT.PERSON_ID.eq(personId))
                .and(PERSON_PLACEMENT.STARTS.eq(starts))
                .execute();
    }

    @Override
    public Set<Long> payGroupsOf(long personId) {
        return of(List.of(personId)).stream()
                .map(stretch -> stretch.placing().payGroupId())
                .collect(Collectors.toSet());
    }

    /** In order of time for each person. */
    List<Placement> of(Collection<Long> people) {
        List<Placement> all = new ArrayList<>();
        Rows.each(
                sql.select(
                                PERSON_PLACEMENT.PERSON_ID,
                                PERSON_PLACEMENT.STARTS,
                                PERSON_PLACEMENT.THROUGH,
                                PERSON_PLACEMENT.SITE_ID,
                                PERSON_PLACEMENT.TEAM_ID,
                                PERSON_PLACEMENT.EMPLOYMENT_TYPE,
                                PERSON_PLACEMENT.PAY_GROUP_ID,
                                PERSON_PLACEMENT.APPROVER_ID)
                        .from(PERSON_PLACEMENT)
                        .where(among(PERSON_PLACEMENT.PERSON_ID, people))
                        .orderBy(PERSON_PLACEMENT.PERSON_ID, PERSON_PLACEMENT.STARTS),
                row -> all.add(placement(row)));
        return all;
    }

    /** Who decides for whom on a day, where somebody does. */
    Map<Long, Long> approvers(LocalDate on) {
        return sql.select(PERSON_PLACEMENT.PERSON_ID, PERSON_PLACEMENT.APPROVER_ID)
                .from(PERSON_PLACEMENT)
                .where(PERSON_PLACEMENT.STARTS.le(on))
                .and(PERSON_PLACEMENT.THROUGH.ge(on))
                .and(PERSON_PLACEMENT.APPROVER_ID.isNotNull())
                .fetchMap(PERSON_PLACEMENT.PERSON_ID, PERSON_PLACEMENT.APPROVER_ID);
    }

    private PersonPlacementRecord row(Placement placement) {
        PersonPlacementRecord row = sql.newRecord(PERSON_PLACEMENT);
        row.setPersonId(placement.personId());
        row.setStarts(placement.starts());
        row.setThrough(placement.through());
        row.setSiteId(placement.placing().siteId());
        row.setTeamId(placement.placing().teamId());
        row.setEmploymentType(placement.placing().employmentType().name());
        row.setPayGroupId(placement.placing().payGroupId());
        row.setApproverId(placement.placing().approverId());
        return row;
    }

    private static Placement placement(ResultSet row) throws SQLException {
        return new Placement(
                row.getLong(1),
                row.getObject(2, LocalDate.class),
                row.getObject(3, LocalDate.class),
                new Placing(
                        row.getLong(4),
                        row.getLong(5),
                        EmploymentType.valueOf(row.getString(6)),
                        row.getLong(7),
                        row.getObject(8, Long.class)));
    }

    Set<Long> payGroupIdsOf(Collection<Long> people) {
        return sql.selectDistinct(PERSON_PLACEMENT.PAY_GROUP_ID)
                .from(PERSON_PLACEMENT)
                .where(among(PERSON_PLACEMENT.PERSON_ID, people))
                .fetchSet(PERSON_PLACEMENT.PAY_GROUP_ID);
    }
}
