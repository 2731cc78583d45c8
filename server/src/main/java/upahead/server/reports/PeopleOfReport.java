package upahead.server.reports;

import java.util.List;
import java.util.function.Consumer;
import java.util.function.Function;
import org.springframework.stereotype.Component;
import upahead.server.accounts.PeopleInParts;
import upahead.server.employment.People;
import upahead.server.employment.Person;

/** Goes through the people of a report part by part, so that never all rows of a large company are in memory. */
@Component
class PeopleOfReport {

    private final People people;
    private final PeopleInParts parts;

    PeopleOfReport(People people, PeopleInParts parts) {
        this.people = people;
        this.parts = parts;
    }

    /**
     * @param work what comes of some people; only reads
     */
    <R> void each(ReportQuestion question, Function<List<Person>, List<R>> work, Consumer<R> rows) {
        parts.rows(people.search(question.people()), "Going through the people", work, rows);
    }
}
