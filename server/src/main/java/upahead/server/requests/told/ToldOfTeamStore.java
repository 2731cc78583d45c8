package upahead.server.requests.told;

import static upahead.server.database.Tables.TOLD_OF_TEAM;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** Who is told of which team's absences. */
@Repository
class ToldOfTeamStore {

    private final DSLContext sql;

    ToldOfTeamStore(DSLContext sql) {
        this.sql = sql;
    }

    Set<Long> of(long teamId) {
        return sql.select(TOLD_OF_TEAM.PERSON_ID)
                .from(TOLD_OF_TEAM)
                .where(TOLD_OF_TEAM.TEAM_ID.eq(teamId))
                .fetchSet(TOLD_OF_TEAM.PERSON_ID);
    }

    List<ToldOfTeam> all() {
        Map<Long, Set<Long>> byTeam = sql.selectFrom(TOLD_OF_TEAM).fetch().stream()
                .collect(Collectors.groupingBy(
                        row -> row.getTeamId(), Collectors.mapping(row -> row.getPersonId(), Collectors.toSet())));
        return byTeam.entrySet().stream()
                .map(team -> new ToldOfTeam(team.getKey(), team.getValue()))
                .toList();
    }

    void set(ToldOfTeam told) {
        sql.deleteFrom(TOLD_OF_TEAM)
                .where(TOLD_OF_TEAM.TEAM_ID.eq(told.teamId()))
                .execute();
        told.people().forEach(person -> sql.insertInto(TOLD_OF_TEAM)
                .set(TOLD_OF_TEAM.TEAM_ID, told.teamId())
                .set(TOLD_OF_TEAM.PERSON_ID, person)
                .execute());
    }
}
