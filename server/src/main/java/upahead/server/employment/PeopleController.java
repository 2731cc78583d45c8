package upahead.server.employment;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import upahead.server.organisation.Named;
import upahead.server.organisation.Organisation;
import upahead.server.platform.tables.TablePage;

/** People, teams, sites and pay groups, to read. */
@RestController
@RequestMapping("/api")
class PeopleController {

    /** A pay group by name; it is paid some days after the last of a period. */
    record PayGroupView(long id, String name, String every, int paidAfter) {}

    /** What people are grouped by. */
    record OrganisationView(List<Named> sites, List<Named> teams, List<PayGroupView> payGroups) {}

    private final DirectoryService directory;
    private final Organisation organisation;

    PeopleController(DirectoryService directory, Organisation organisation) {
        this.directory = directory;
        this.organisation = organisation;
    }

    @GetMapping("/people")
    TablePage<Person> search(
            @RequestParam(required = false) String search,
            @RequestParam(required = false) Long teamId,
            @RequestParam(required = false) Long siteId,
            @RequestParam(required = false) Long payGroupId,
            @RequestParam(required = false) EmploymentType employmentType,
            @RequestParam(required = false) PeopleQuery.Status status,
            @RequestParam(defaultValue = "false") boolean withoutApprover,
            @RequestParam(defaultValue = "name") String order,
            @RequestParam(defaultValue = "false") boolean descending,
            @RequestParam(defaultValue = "0") @Min(0) int page,
            @RequestParam(defaultValue = "50") @Min(1) @Max(200) int size) {
        return directory.search(new PeopleQuery(
                search,
                teamId,
                siteId,
                payGroupId,
                null,
                employmentType,
                status,
                PeopleQuery.Order.by(order),
                descending,
                null,
                page,
                size,
                null,
                withoutApprover));
    }

    @GetMapping("/people/{id}")
    Person person(@PathVariable long id) {
        return directory.get(id);
    }

    @GetMapping("/people/{id}/history")
    EmploymentHistory history(@PathVariable long id) {
        return directory.history(id);
    }

    @GetMapping("/organisation")
    OrganisationView organisation() {
        return new OrganisationView(
                organisation.sites(),
                organisation.teams(),
                organisation.payGroups().stream()
                        .map(group -> new PayGroupView(
                                group.id(),
                                group.name(),
                                group.calendar().every().name(),
                                group.payDay().daysAfter()))
                        .toList());
    }
}
