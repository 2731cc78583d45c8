package upahead.server.people;

/**
 * Which people are wanted; a null field does not matter.
 *
 * @param search words, each of which the name, code or team has
 * @param page from 0
 * @param size how many a page, above 0
 */
public record PeopleQuery(
        String search, Long teamId, Long siteId, Long payGroupId, Long approverId, int page, int size) {

    private static final int EVERYBODY = Integer.MAX_VALUE;

    public static PeopleQuery everybody() {
        return new PeopleQuery(null, null, null, null, null, 0, EVERYBODY);
    }

    public static PeopleQuery ofTeam(long teamId) {
        return new PeopleQuery(null, teamId, null, null, null, 0, EVERYBODY);
    }

    public static PeopleQuery ofPayGroup(long payGroupId) {
        return new PeopleQuery(null, null, null, payGroupId, null, 0, EVERYBODY);
    }
}
