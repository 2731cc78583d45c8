package upahead.server.policies;

import java.time.LocalDate;
import java.util.List;
import org.springframework.lang.Nullable;

/**
 * The terms of a policy from a date on.
 *
 * @param starts null while it is a draft
 * @param unseenFigures names of figures that came with a starting point and that nobody has looked at yet; empty once it
 *     is in force
 * @param edits how often it was changed; whoever changes it says which state they saw
 */
public record PolicyVersion(
        long id,
        VersionState state,
        @Nullable LocalDate starts,
        TermsDocument terms,
        List<String> unseenFigures,
        int edits) {}
