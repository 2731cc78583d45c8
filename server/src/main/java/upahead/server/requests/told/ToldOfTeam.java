package upahead.server.requests.told;

import jakarta.validation.constraints.NotNull;
import java.util.Set;

/** Who is told of what is approved or cancelled for people of a team. */
public record ToldOfTeam(long teamId, @NotNull Set<Long> people) {}
