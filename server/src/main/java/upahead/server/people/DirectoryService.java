package upahead.server.people;

import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.json.Page;

/** The directory as an administrator reads it. */
@Service
class DirectoryService {

    private final People people;

    DirectoryService(People people) {
        this.people = people;
    }

    @Transactional(readOnly = true)
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    public Page<Person> search(PeopleQuery query) {
        return new Page<>(people.search(query), people.count(query));
    }

    @Transactional(readOnly = true)
    @PreAuthorize("@reach.person(#id)")
    public Person get(long id) {
        return people.get(id);
    }
}
