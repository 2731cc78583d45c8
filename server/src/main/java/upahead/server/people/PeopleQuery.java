package upahead.server.people;

import java.time.LocalDate;

/**
 * Which people are wanted, in what order; a null field does not matter.
 *
 * @param search words, each of which the name, code or team has
 * @param status null for whoever ever was or will be employed
 * @param order by name where null
 * @param on the day on which teams, sites and pay groups are meant, today where null
 * @param page from 0
 * @param size how many a page, above 0
 * @param enrolledIn a policy in which they are or were
 * @param withoutApprover whether only those are wanted whom nobody decides for
 */
public record PeopleQuery(
        String search,
        Long teamId,
        Long siteId,
        Long payGroupId,
        Long approverId,
        EmploymentType employmentType,
        Status status,
        Order order,
        boolean descending,
        LocalDate on,
        int page,
        int size,
        Long enrolledIn,
        boolean withoutApprover) {

    private static final int EVERYBODY = Integer.MAX_VALUE;

    /** Whether somebody is employed today. */
    public enum Status {
        EMPLOYED,
        /** The hire date lies ahead. */
        COMING,
        /** The last day lies behind. */
        LEFT
    }

    /** What people are sorted by; those who are alike by their names. */
    public enum Order {
        NAME,
        CODE,
        TEAM,
        SITE,
        EMPLOYED_AS,
        PAY_GROUP,
        APPROVER,
        HIRED,
        LAST_DAY
    }

    /** Whatever they are enrolled in, and whoever decides for them. */
    public PeopleQuery(
            String search,
            Long teamId,
            Long siteId,
            Long payGroupId,
            Long approverId,
            EmploymentType employmentType,
            Status status,
            Order order,
            boolean descending,
            LocalDate on,
            int page,
            int size) {
        this(
                search,
                teamId,
                siteId,
                payGroupId,
                approverId,
                employmentType,
                status,
                order,
                descending,
                on,
                page,
                size,
                null,
                false);
    }

    /** By name, whether employed or not. */
    public PeopleQuery(String search, Long teamId, Long siteId, Long payGroupId, Long approverId, int page, int size) {
        this(search, teamId, siteId, payGroupId, approverId, null, null, Order.NAME, false, null, page, size);
    }

    /** The same people, if they are or were enrolled in a policy. */
    public PeopleQuery enrolledIn(long policyId) {
        return with(approverId, policyId);
    }

    /** The same people, if somebody decides for them. */
    public PeopleQuery decidedBy(long approver) {
        return with(approver, enrolledIn);
    }

    private PeopleQuery with(Long approver, Long policyId) {
        return new PeopleQuery(
                search,
                teamId,
                siteId,
                payGroupId,
                approver,
                employmentType,
                status,
                order,
                descending,
                on,
                page,
                size,
                policyId,
                withoutApprover);
    }

    public static PeopleQuery everybody() {
        return new PeopleQuery(null, null, null, null, null, 0, EVERYBODY);
    }

    /** Everybody, with where they work on a day. */
    public static PeopleQuery everybodyOn(LocalDate on) {
        return new PeopleQuery(null, null, null, null, null, null, null, Order.NAME, false, on, 0, EVERYBODY);
    }

    public static PeopleQuery ofTeam(long teamId) {
        return new PeopleQuery(null, teamId, null, null, null, 0, EVERYBODY);
    }

    public static PeopleQuery ofPayGroup(long payGroupId) {
        return ofPayGroup(payGroupId, null);
    }

    /** The people who are in a pay group on a day, whether employed then or not. */
    public static PeopleQuery ofPayGroup(long payGroupId, LocalDate on) {
        return new PeopleQuery(null, null, null, payGroupId, null, null, null, Order.NAME, false, on, 0, EVERYBODY);
    }
}
