package upahead.server.employment;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.organisation.Named;
import upahead.server.organisation.Organisation;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.platform.tables.TablePage;

/** The directory as an administrator reads it. */
@Service
class DirectoryService {

    private final People people;
    private final Organisation organisation;
    private final EmploymentChanges employments;

    DirectoryService(People people, Organisation organisation, EmploymentChanges employments) {
        this.people = people;
        this.organisation = organisation;
        this.employments = employments;
    }

    @Transactional(readOnly = true)
    @May(Permission.KEEP_PEOPLE)
    public TablePage<Person> search(PeopleQuery query) {
        return new TablePage<>(PeopleQuery.Order.COLUMNS.shown(), people.search(query), people.count(query));
    }

    @Transactional(readOnly = true)
    @PreAuthorize("@reach.person(#id)")
    public Person get(long id) {
        return people.get(id);
    }

    /** What changed in somebody's employment. */
    @Transactional(readOnly = true)
    @PreAuthorize("@reach.person(#id)")
    public EmploymentHistory history(long id) {
        List<Placement> stretches = people.placements(List.of(id)).get(id);
        Map<Long, String> sites = names(organisation.sites());
        Map<Long, String> teams = names(organisation.teams());
        Map<Long, String> approvers = people
                .get(stretches.stream()
                        .map(stretch -> stretch.placing().approverId())
                        .filter(Objects::nonNull)
                        .toList())
                .stream()
                .collect(Collectors.toMap(Person::id, Person::name));
        return new EmploymentHistory(
                stretches.stream()
                        .map(stretch -> new EmploymentHistory.Placed(
                                stretch.starts().equals(Placement.ALWAYS) ? null : stretch.starts(),
                                sites.get(stretch.placing().siteId()),
                                teams.get(stretch.placing().teamId()),
                                stretch.placing().employmentType(),
                                organisation
                                        .payGroup(stretch.placing().payGroupId())
                                        .name(),
                                approvers.get(stretch.placing().approverId()),
                                stretch.placing()))
                        .toList(),
                employments.ftes(id),
                employments.schedules(id),
                employments.pauses(id),
                people.get(id).earlierId(),
                people.later(id).orElse(null));
    }

    private static Map<Long, String> names(List<Named> all) {
        return all.stream().collect(Collectors.toMap(Named::id, Named::name));
    }
}
