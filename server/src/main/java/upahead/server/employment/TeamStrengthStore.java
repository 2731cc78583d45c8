package upahead.server.employment;

import static upahead.server.database.Tables.PERSON;
import static upahead.server.database.Tables.PERSON_PAUSE;
import static upahead.server.database.Tables.PERSON_PLACEMENT;
import static upahead.server.database.Tables.PERSON_SCHEDULE;
import static upahead.server.employment.EmploymentStore.WEEK;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Select;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import upahead.core.calendar.DateSpan;
import upahead.server.platform.sql.Rows;

/** Counts the people of teams by how they work, and finds those who cannot be counted together. */
@Repository
class TeamStrengthStore {

    private final DSLContext sql;

    TeamStrengthStore(DSLContext sql) {
        this.sql = sql;
    }

    /**
     * Those of whom nothing changes within some days: they are employed, placed and scheduled in one way on all of them.
     *
     * @param teamId null for all teams
     */
    List<WorkedAlike> unchanging(DateSpan days, Long teamId) {
        List<Field<?>> groups = new ArrayList<>(List.of(PERSON_PLACEMENT.TEAM_ID, PERSON_PLACEMENT.SITE_ID));
        groups.addAll(WEEK);
        List<Field<?>> columns = new ArrayList<>(groups);
        columns.add(DSL.count());
        List<WorkedAlike> alike = new ArrayList<>();
        Rows.each(
                sql.select(columns)
                        .from(PERSON)
                        .join(PERSON_PLACEMENT)
                        .on(PERSON_PLACEMENT.PERSON_ID.eq(PERSON.ID))
                        .join(PERSON_SCHEDULE)
                        .on(PERSON_SCHEDULE.PERSON_ID.eq(PERSON.ID))
                        .where(PERSON.HIRED.le(days.first()))
                        .and(PERSON.LAST_DAY.isNull().or(PERSON.LAST_DAY.ge(days.last())))
                        .and(PERSON_PLACEMENT.STARTS.le(days.first()))
                        .and(PERSON_PLACEMENT.THROUGH.ge(days.last()))
                        .and(teamId == null ? DSL.noCondition() : PERSON_PLACEMENT.TEAM_ID.eq(teamId))
                        .and(PERSON_SCHEDULE.STARTS.le(days.first()))
                        .andNotExists(laterSchedule(days.last()))
                        .andNotExists(pauseWithin(days))
                        .groupBy(groups),
                row -> alike.add(new WorkedAlike(
                        row.getLong(1), row.getLong(2), days, weekdays(row), row.getInt(3 + WEEK.size()))));
        return alike;
    }

    /** Those of whom something changes within some days. */
    Set<Long> changing(DateSpan days) {
        return sql.select(PERSON.ID)
                .from(PERSON)
                .where(PERSON.HIRED
                        .gt(days.first())
                        .and(PERSON.HIRED.le(days.last()))
                        .or(PERSON.LAST_DAY.ge(days.first()).and(PERSON.LAST_DAY.lt(days.last()))))
                .union(sql.select(PERSON_SCHEDULE.PERSON_ID)
                        .from(PERSON_SCHEDULE)
                        .where(PERSON_SCHEDULE.STARTS.gt(days.first()))
                        .and(PERSON_SCHEDULE.STARTS.le(days.last())))
                .union(sql.select(PERSON_PLACEMENT.PERSON_ID)
                        .from(PERSON_PLACEMENT)
                        .where(PERSON_PLACEMENT.STARTS.gt(days.first()))
                        .and(PERSON_PLACEMENT.STARTS.le(days.last())))
                .union(sql.select(PERSON_PAUSE.PERSON_ID)
                        .from(PERSON_PAUSE)
                        .where(PERSON_PAUSE.STARTS.le(days.last()))
                        .and(PERSON_PAUSE.ENDS.ge(days.first())))
                .fetchSet(PERSON.ID);
    }

    private Select<?> laterSchedule(LocalDate through) {
        var later = PERSON_SCHEDULE.as("later");
        return sql.selectOne()
                .from(later)
                .where(later.PERSON_ID.eq(PERSON.ID))
                .and(later.STARTS.gt(PERSON_SCHEDULE.STARTS))
                .and(later.STARTS.le(through));
    }

    private Select<?> pauseWithin(DateSpan days) {
        return sql.selectOne()
                .from(PERSON_PAUSE)
                .where(PERSON_PAUSE.PERSON_ID.eq(PERSON.ID))
                .and(PERSON_PAUSE.STARTS.le(days.last()))
                .and(PERSON_PAUSE.ENDS.ge(days.first()));
    }

    private static Set<DayOfWeek> weekdays(ResultSet row) throws SQLException {
        Set<DayOfWeek> weekdays = EnumSet.noneOf(DayOfWeek.class);
        for (DayOfWeek day : DayOfWeek.values()) {
            if (row.getBigDecimal(2 + day.getValue()).signum() > 0) {
                weekdays.add(day);
            }
        }
        return weekdays;
    }
}
