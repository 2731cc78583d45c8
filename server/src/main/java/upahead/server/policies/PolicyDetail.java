package upahead.server.policies;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import upahead.core.quantity.Unit;

/**
 * A policy with all its versions.
 *
 * @param benefitYear a month and day such as {@code 01-01}, or {@code hire-anniversary}
 * @param people how many are enrolled
 * @param versions in force by date, then drafts
 */
public record PolicyDetail(
        long id,
        String name,
        PolicyKind kind,
        Unit unit,
        boolean paid,
        String payrollCode,
        String benefitYear,
        RequestRules rules,
        int people,
        List<PolicyVersion> versions) {

    /** The version in force on a day. */
    public Optional<PolicyVersion> inForce(LocalDate on) {
        return versions.stream()
                .filter(version -> version.starts() != null && !version.starts().isAfter(on))
                .max(Comparator.comparing(PolicyVersion::starts));
    }
}
