package upahead.server.policies;

import java.time.LocalDate;
import org.springframework.lang.Nullable;

/**
 * The terms of a policy from a date on.
 *
 * @param starts null while it is a draft
 * @param edits how often it was changed; whoever changes it says which state they saw
 */
public record PolicyVersion(long id, VersionState state, @Nullable LocalDate starts, TermsDocument terms, int edits) {}
