package upahead.server.policies;

import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.springframework.lang.Nullable;
import upahead.server.people.EmploymentType;
import upahead.server.people.Placing;

/**
 * Whom a policy covers.
 *
 * @param ids of the teams or sites or people; of no effect otherwise
 * @param types of employment; of no effect otherwise
 * @param excluded ids of people who are not covered all the same
 */
public record Coverage(
        @NotNull By by, @Nullable List<Long> ids, @Nullable List<EmploymentType> types, @Nullable List<Long> excluded) {

    /** What the covered people have in common. */
    public enum By {
        EVERYBODY,
        TEAM,
        SITE,
        EMPLOYMENT_TYPE,
        PERSON
    }

    public static Coverage everybody() {
        return new Coverage(By.EVERYBODY, List.of(), List.of(), List.of());
    }

    public static Coverage types(EmploymentType... types) {
        return new Coverage(By.EMPLOYMENT_TYPE, List.of(), List.of(types), List.of());
    }

    public static Coverage people(List<Long> ids) {
        return new Coverage(By.PERSON, ids, List.of(), List.of());
    }

    public static Coverage teams(List<Long> ids) {
        return new Coverage(By.TEAM, ids, List.of(), List.of());
    }

    boolean covers(long personId, Placing placing) {
        if (excluded != null && excluded.contains(personId)) {
            return false;
        }
        return switch (by) {
            case EVERYBODY -> true;
            case TEAM -> ids != null && ids.contains(placing.teamId());
            case SITE -> ids != null && ids.contains(placing.siteId());
            case PERSON -> ids != null && ids.contains(personId);
            case EMPLOYMENT_TYPE -> types != null && types.contains(placing.employmentType());
        };
    }
}
