package upahead.server.policies;

import jakarta.annotation.Nullable;
import java.time.LocalDate;
import java.util.List;
import upahead.written.WrittenTerms;

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
        WrittenTerms terms,
        List<String> unseenFigures,
        int edits) {}
