package upahead.server.staffing;

import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import upahead.core.people.Employment;
import upahead.server.employment.Person;
import upahead.server.organisation.Named;
import upahead.server.organisation.PayGroup;

/**
 * Everybody and everything that is there already, by the names that stand in files, in small letters; people by their
 * codes in capitals.
 *
 * @param people as they are placed on the day from which changes would hold
 */
record KnownCompany(
        Map<String, Person> people,
        Map<Long, Employment> employments,
        Map<String, Long> sites,
        Map<String, Long> teams,
        Map<String, Long> payGroups) {

    static KnownCompany of(
            List<Person> people,
            Map<Long, Employment> employments,
            List<Named> sites,
            List<Named> teams,
            List<PayGroup> payGroups) {
        return new KnownCompany(
                people.stream()
                        .collect(Collectors.toMap(
                                person -> person.code().toUpperCase(Locale.ROOT), Function.identity())),
                employments,
                byName(sites),
                byName(teams),
                payGroups.stream().collect(Collectors.toMap(group -> key(group.name()), PayGroup::id)));
    }

    /** The same people, with sites and teams that came since. */
    KnownCompany with(List<Named> laterSites, List<Named> laterTeams) {
        return new KnownCompany(people, employments, byName(laterSites), byName(laterTeams), payGroups);
    }

    private static Map<String, Long> byName(List<Named> all) {
        Map<String, Long> ids = new HashMap<>();
        all.forEach(each -> ids.put(key(each.name()), each.id()));
        return ids;
    }

    static String key(String name) {
        return name.toLowerCase(Locale.ROOT);
    }
}
