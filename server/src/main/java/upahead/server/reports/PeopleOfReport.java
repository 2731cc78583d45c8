package upahead.server.reports;

import java.util.List;
import java.util.function.Consumer;
import java.util.function.Function;
import org.springframework.stereotype.Component;
import upahead.server.accounts.PeopleInParts;
import upahead.server.employment.People;
import upahead.server.employment.Person;
import upahead.server.platform.files.Progress;

/** Goes through the people of a report part by part, so that never all rows of a large company are in memory. */
@Component
class PeopleOfReport {

    private final People people;
    private final PeopleInParts parts;
    private final Progress progress;

    PeopleOfReport(People people, PeopleInParts parts, Progress progress) {
        this.people = people;
        this.parts = parts;
        this.progress = progress;
    }

    /**
     * @param work what comes of some people; only reads
     */
    <R> void each(ReportQuestion question, Function<List<Person>, List<R>> work, Consumer<R> rows) {
        List<Person> asked = people.search(question.people());
        int[] done = new int[1];
        parts.each(asked, some -> new Part<>(some.size(), work.apply(some)), part -> {
            part.rows().forEach(rows);
            done[0] += part.people();
            progress.tell("Going through the people", done[0], asked.size());
        });
    }

    private record Part<R>(int people, List<R> rows) {}
}
