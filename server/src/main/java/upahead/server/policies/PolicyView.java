package upahead.server.policies;

import jakarta.annotation.Nullable;
import java.time.LocalDate;
import java.util.List;
import upahead.core.quantity.Unit;
import upahead.written.WrittenTerms;

/** A policy for the eye: as {@link PolicyDetail} tells it, with its versions in words. */
public record PolicyView(
        long id,
        String name,
        PolicyKind kind,
        Unit unit,
        boolean paid,
        boolean recordedOnly,
        String payrollCode,
        String benefitYear,
        RequestRules rules,
        @Nullable Coverage coverage,
        @Nullable LocalDate retired,
        int edits,
        int people,
        List<VersionView> versions) {

    /** A version, as {@link PolicyVersion} tells it, and in words. */
    public record VersionView(
            long id,
            VersionState state,
            @Nullable LocalDate starts,
            WrittenTerms terms,
            List<String> unseenFigures,
            int edits,
            TermsWords words) {

        private static VersionView of(PolicyDetail policy, PolicyVersion version) {
            return new VersionView(
                    version.id(),
                    version.state(),
                    version.starts(),
                    version.terms(),
                    version.unseenFigures(),
                    version.edits(),
                    TermsWords.of(policy, version));
        }
    }

    public static PolicyView of(PolicyDetail policy) {
        return new PolicyView(
                policy.id(),
                policy.name(),
                policy.kind(),
                policy.unit(),
                policy.paid(),
                policy.recordedOnly(),
                policy.payrollCode(),
                policy.benefitYear(),
                policy.rules(),
                policy.coverage(),
                policy.retired(),
                policy.edits(),
                policy.people(),
                policy.versions().stream()
                        .map(version -> VersionView.of(policy, version))
                        .toList());
    }
}
