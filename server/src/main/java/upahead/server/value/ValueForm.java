package upahead.server.value;

import jakarta.annotation.Nullable;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.util.List;

/**
 * What is wanted of the worth of leave.
 *
 * @param since the day it is compared with, null for the end of the year before
 * @param by what is added up, policies where left out
 */
record ValueForm(
        @NotNull(message = "please say as of which day") LocalDate asOf,
        @Nullable LocalDate since,
        @Nullable ValueSum.By by,
        @Nullable Long teamId,
        @Nullable Long siteId,
        @Nullable Long policyId) {

    ValueDays days() {
        return ValueDays.of(asOf, since);
    }

    List<ValueRow> of(List<ValueRow> rows) {
        return rows.stream()
                .filter(row -> teamId == null || teamId == row.teamId())
                .filter(row -> siteId == null || siteId == row.siteId())
                .filter(row -> policyId == null || policyId == row.policyId())
                .toList();
    }
}
