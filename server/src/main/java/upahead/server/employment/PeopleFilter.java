package upahead.server.employment;

import jakarta.annotation.Nullable;

/** Filters of the directory, as a page sends them; what is null does not matter. */
public record PeopleFilter(
        @Nullable String search,
        @Nullable Long teamId,
        @Nullable Long siteId,
        @Nullable Long payGroupId,
        @Nullable EmploymentType employmentType,
        @Nullable PeopleQuery.Status status,
        @Nullable Boolean withoutApprover) {

    /** All whom they find, by name. */
    public PeopleQuery everybody() {
        return new PeopleQuery(
                search,
                teamId,
                siteId,
                payGroupId,
                null,
                employmentType,
                status,
                PeopleQuery.Order.NAME,
                false,
                null,
                0,
                Integer.MAX_VALUE,
                null,
                Boolean.TRUE.equals(withoutApprover));
    }
}
