package upahead.server.policies.examples;

import java.time.LocalDateTime;

/**
 * An example that a policy must keep.
 *
 * @param written a case file without its policy, numbers as decimal strings
 * @param edits how often it was changed; whoever changes it says which state they saw
 * @param keptAt when it was kept or last changed
 * @param keptBy who did
 */
public record PolicyExample(
        long id, long policyId, String name, String written, int edits, LocalDateTime keptAt, String keptBy) {}
