package upahead.server.accounts.overview;

import jakarta.annotation.Nullable;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import upahead.server.employment.Person;
import upahead.server.platform.tables.Condition;

/**
 * Which balances are wanted.
 *
 * @param search words, each of which the name, code or team has
 * @param teamId of one team, null for all
 * @param siteId of one site, null for all
 * @param payGroupId of one pay group, null for all
 * @param policyId in one policy, null for all
 * @param withOthers also of people who are not employed on the day
 * @param conditions all of which have to hold
 * @param order the key of a column, with a minus for the other way round; by person where empty
 */
public record BalanceQuery(
        LocalDate asOf,
        String search,
        @Nullable Long teamId,
        @Nullable Long siteId,
        @Nullable Long payGroupId,
        @Nullable Long policyId,
        boolean withOthers,
        List<Condition> conditions,
        String order) {

    /** All balances of whoever is employed on a day, in an order. */
    public static BalanceQuery all(LocalDate asOf, String order) {
        return new BalanceQuery(asOf, "", null, null, null, null, false, List.of(), order);
    }

    /** Whether somebody's balance in a policy is asked for, conditions aside. */
    boolean isAbout(Person person, long policy) {
        return (policyId == null || policyId == policy)
                && (teamId == null || teamId == person.teamId())
                && (siteId == null || siteId == person.siteId())
                && (payGroupId == null || payGroupId == person.payGroupId())
                && (withOthers || person.isEmployedWithin(asOf, asOf))
                && names(person);
    }

    private boolean names(Person person) {
        String named = (person.name() + ' ' + person.code() + ' ' + person.team()).toLowerCase(Locale.ROOT);
        return search.isBlank()
                || List.of(search.strip().toLowerCase(Locale.ROOT).split("\\s+")).stream()
                        .allMatch(named::contains);
    }

    /** The same in the order of people. */
    BalanceQuery byPerson() {
        return new BalanceQuery(asOf, search, teamId, siteId, payGroupId, policyId, withOthers, conditions, "");
    }
}
