package upahead.server.employment;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.Collection;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.tables.ColumnKind;
import upahead.server.platform.tables.Columns;

/**
 * Which people are wanted, in what order; a null field does not matter.
 *
 * @param search words, each of which the name, code or team has
 * @param status null for whoever ever was or will be employed
 * @param order by name where null
 * @param on the day on which teams, sites and pay groups are meant, today where null
 * @param page from 0
 * @param size how many a page, above 0
 * @param among ids of whom alone are wanted
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
        Collection<Long> among,
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

    /** What people are sorted by, which are the columns of the directory; those who are alike by their names. */
    public enum Order {
        CODE("code", "Code", ColumnKind.TEXT),
        NAME("name", "Name", ColumnKind.TEXT),
        TEAM("team", "Team", ColumnKind.TEXT),
        SITE("site", "Site", ColumnKind.TEXT),
        EMPLOYED_AS("employmentType", "Employed as", ColumnKind.WORDS),
        PAY_GROUP("payGroup", "Pay group", ColumnKind.TEXT),
        APPROVER("approver", "Approver", ColumnKind.TEXT),
        HIRED("hired", "Hired", ColumnKind.DATE),
        LAST_DAY("lastDay", "Last day", ColumnKind.DATE);

        /** The columns of the directory, from left to right. */
        static final Columns<Person> COLUMNS = columns();

        private final String key;
        private final String title;
        private final ColumnKind kind;

        Order(String key, String title, ColumnKind kind) {
            this.key = key;
            this.title = title;
            this.kind = kind;
        }

        private static Columns<Person> columns() {
            Columns<Person> columns = Columns.of(Person.class);
            for (Order each : values()) {
                columns.with(each.key, each.title, each.kind);
            }
            return columns;
        }

        /**
         * @param key of a column
         * @throws Refusal if there is no such column
         */
        static Order by(String key) {
            return Arrays.stream(values())
                    .filter(each -> each.key.equals(key))
                    .findFirst()
                    .orElseThrow(() -> Refusal.of("order", "People cannot be sorted by that."));
        }
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

    /** The same people, as far as they are among some. */
    public PeopleQuery among(Collection<Long> some) {
        return with(teamId, approverId, some, withoutApprover);
    }

    /** The same people, if somebody decides for them. */
    public PeopleQuery decidedBy(long approver) {
        return with(teamId, approver, among, withoutApprover);
    }

    /** The same people, if they are in a team; all of them where that is null. */
    public PeopleQuery inTeam(Long team) {
        return with(team, approverId, among, withoutApprover);
    }

    /** The same people, if nobody decides for them. */
    public PeopleQuery undecided() {
        return with(teamId, approverId, among, true);
    }

    private PeopleQuery with(Long team, Long approver, Collection<Long> some, boolean undecided) {
        return new PeopleQuery(
                search,
                team,
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
                some,
                undecided);
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
