package upahead.server.policies;

import java.util.List;

/**
 * Somebody whom several policies of the same kind cover.
 *
 * @param policies their names, at least two
 */
public record Doubled(long personId, String person, PolicyKind kind, List<String> policies) {}
