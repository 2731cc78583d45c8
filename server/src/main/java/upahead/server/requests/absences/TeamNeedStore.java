package upahead.server.requests.absences;

import static upahead.server.database.Tables.TEAM_NEED;

import java.time.DayOfWeek;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.Map;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** How many of a team are needed on each weekday. */
@Repository
class TeamNeedStore {

    private final DSLContext sql;

    TeamNeedStore(DSLContext sql) {
        this.sql = sql;
    }

    /** By team and weekday; a weekday for which nothing is said is not there. */
    Map<Long, Map<DayOfWeek, Integer>> all() {
        Map<Long, Map<DayOfWeek, Integer>> needs = new HashMap<>();
        sql.selectFrom(TEAM_NEED)
                .forEach(row -> needs.computeIfAbsent(row.getTeamId(), unused -> new EnumMap<>(DayOfWeek.class))
                        .put(DayOfWeek.of(row.getWeekday()), row.getPeople()));
        return needs;
    }

    /** Sets what a team needs, in place of what was said before. */
    void set(long teamId, Map<DayOfWeek, Integer> week) {
        sql.deleteFrom(TEAM_NEED).where(TEAM_NEED.TEAM_ID.eq(teamId)).execute();
        week.forEach((day, people) -> sql.insertInto(TEAM_NEED)
                .set(TEAM_NEED.TEAM_ID, teamId)
                .set(TEAM_NEED.WEEKDAY, day.getValue())
                .set(TEAM_NEED.PEOPLE, people)
                .execute());
    }
}
