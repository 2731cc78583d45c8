package upahead.server.policies;

import jakarta.annotation.Nullable;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import upahead.core.quantity.Unit;
import upahead.server.platform.problems.Refusal;

/**
 * A policy with all its versions.
 *
 * @param recordedOnly whether it has no balance: absences are written down and handed to payroll, and that is all
 * @param benefitYear a month and day such as {@code 01-01}, or {@code hire-anniversary}
 * @param coverage who is enrolled without anyone typing, null while it was never in force
 * @param retired its last day, null while it is not retired
 * @param edits how often its settings were changed; whoever changes them says which state they saw
 * @param people how many are enrolled
 * @param versions in force by date, then drafts
 */
public record PolicyDetail(
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
        List<PolicyVersion> versions) {

    /** This policy with other versions. */
    public PolicyDetail withVersions(List<PolicyVersion> others) {
        return new PolicyDetail(
                id,
                name,
                kind,
                unit,
                paid,
                recordedOnly,
                payrollCode,
                benefitYear,
                rules,
                coverage,
                retired,
                edits,
                people,
                others);
    }

    /** What everybody may know of it: the texts that hold or have held, not what is being written nor who is covered. */
    PolicyDetail published() {
        return new PolicyDetail(
                id,
                name,
                kind,
                unit,
                paid,
                recordedOnly,
                payrollCode,
                benefitYear,
                rules,
                null,
                retired,
                edits,
                0,
                versions.stream()
                        .filter(version -> version.state() == VersionState.IN_FORCE)
                        .toList());
    }

    PolicySettings settings() {
        return new PolicySettings(name, kind, paid, payrollCode, rules);
    }

    /**
     * @throws Refusal if it has no such version
     */
    public PolicyVersion version(long versionId) {
        return versions.stream()
                .filter(version -> version.id() == versionId)
                .findFirst()
                .orElseThrow(() -> Refusal.notFound("version of this policy"));
    }

    /**
     * @throws Refusal if it is only recorded and has no balance
     */
    public void requireBalance() {
        if (recordedOnly) {
            throw Refusal.of("policyId", name + " is only recorded and has no balance.");
        }
    }

    /** The first day of its first version, if any is in force on some day. */
    public Optional<LocalDate> begins() {
        return versions.stream()
                .filter(version -> version.state() == VersionState.IN_FORCE)
                .map(PolicyVersion::starts)
                .min(Comparator.naturalOrder());
    }

    /** The version in force on a day. */
    public Optional<PolicyVersion> inForce(LocalDate on) {
        return versions.stream()
                .filter(version -> version.starts() != null && !version.starts().isAfter(on))
                .max(Comparator.comparing(PolicyVersion::starts));
    }
}
