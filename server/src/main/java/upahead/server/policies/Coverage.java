package upahead.server.policies;

import jakarta.annotation.Nullable;
import java.util.Arrays;
import java.util.List;
import upahead.server.employment.EmploymentType;
import upahead.server.employment.Placing;

/**
 * Whom a policy covers: everybody who meets all conditions, and named people besides, but nobody who is left out.
 *
 * @param byRule whether people are covered by the conditions at all; where not, only the named ones are
 * @param types of employment, one of which somebody has; any where empty
 * @param teams one of which somebody is in; any where empty
 * @param notTeams none of which somebody is in
 * @param sites one of which somebody works at; any where empty
 * @param named ids of people who are covered whatever the conditions say
 * @param excluded ids of people who are not covered whatever else holds
 */
public record Coverage(
        boolean byRule,
        @Nullable List<EmploymentType> types,
        @Nullable List<Long> teams,
        @Nullable List<Long> notTeams,
        @Nullable List<Long> sites,
        @Nullable List<Long> named,
        @Nullable List<Long> excluded) {

    public Coverage {
        types = types == null ? List.of() : List.copyOf(types);
        teams = teams == null ? List.of() : List.copyOf(teams);
        notTeams = notTeams == null ? List.of() : List.copyOf(notTeams);
        sites = sites == null ? List.of() : List.copyOf(sites);
        named = named == null ? List.of() : List.copyOf(named);
        excluded = excluded == null ? List.of() : List.copyOf(excluded);
    }

    public static Coverage everybody() {
        return new Coverage(true, null, null, null, null, null, null);
    }

    public static Coverage types(EmploymentType... types) {
        return new Coverage(true, Arrays.asList(types), null, null, null, null, null);
    }

    public static Coverage people(List<Long> ids) {
        return new Coverage(false, null, null, null, null, ids, null);
    }

    public static Coverage teams(List<Long> ids) {
        return new Coverage(true, null, ids, null, null, null, null);
    }

    public static Coverage sites(List<Long> ids) {
        return new Coverage(true, null, null, null, ids, null, null);
    }

    public boolean covers(long personId, Placing placing) {
        if (excluded.contains(personId)) {
            return false;
        }
        return named.contains(personId) || (byRule && meetsConditions(placing));
    }

    private boolean meetsConditions(Placing placing) {
        return isOneOf(types, placing.employmentType())
                && isOneOf(teams, placing.teamId())
                && !notTeams.contains(placing.teamId())
                && isOneOf(sites, placing.siteId());
    }

    private static <T> boolean isOneOf(List<T> wanted, T own) {
        return wanted.isEmpty() || wanted.contains(own);
    }
}
