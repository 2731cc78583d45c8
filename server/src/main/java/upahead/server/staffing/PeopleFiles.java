package upahead.server.staffing;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.calendar.DateSpan;
import upahead.core.people.Employment;
import upahead.server.employment.People;
import upahead.server.employment.PeopleQuery;
import upahead.server.employment.Person;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.files.CsvFile;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;

/** Files of people that can be brought in again: an empty template, and everybody as they are today. */
@Service
class PeopleFiles {

    private final People people;
    private final MovableClock clock;

    PeopleFiles(People people, MovableClock clock) {
        this.people = people;
        this.clock = clock;
    }

    /** The headings, and one made-up row to be overwritten. */
    CsvFile template() {
        return written(
                "people-template.csv",
                List.of(List.of(
                        "A101",
                        "Wren Hollis",
                        "wren@example.com",
                        "Main site",
                        "Office",
                        "salaried",
                        "",
                        "",
                        "2027-01-04",
                        "",
                        "",
                        "1",
                        "7.5",
                        "7.5",
                        "7.5",
                        "7.5",
                        "7.5",
                        "0",
                        "0",
                        "")));
    }

    /** The people who match, as they are today; brought in again, the file changes nothing. */
    @Transactional(readOnly = true)
    @May(Permission.KEEP_PEOPLE)
    public CsvFile export(PeopleQuery query) {
        List<Person> found = people.search(query);
        Map<Long, Employment> employments =
                people.employments(found.stream().map(Person::id).toList());
        Map<Long, String> codes =
                people.search(PeopleQuery.everybody()).stream().collect(Collectors.toMap(Person::id, Person::code));
        return written(
                "people.csv",
                found.stream()
                        .map(person -> row(person, employments.get(person.id()), codes))
                        .toList());
    }

    private List<String> row(Person person, Employment employment, Map<Long, String> codes) {
        LocalDate today = DateSpan.later(clock.today(), person.hired());
        List<String> row = new ArrayList<>(List.of(
                person.code(),
                person.name(),
                text(person.email()),
                person.site(),
                person.team(),
                person.employmentType().name().toLowerCase(Locale.ROOT),
                person.payGroup(),
                text(codes.get(person.approverId())),
                person.hired().toString(),
                text(person.lastDay()),
                person.serviceFrom().toString(),
                employment.fteOn(today).toString()));
        var schedule = employment.schedule().on(today);
        for (DayOfWeek day : DayOfWeek.values()) {
            row.add(schedule.map(week -> week.on(day).toString()).orElse("0"));
        }
        row.add(text(person.clockCode()));
        return row;
    }

    private static String text(Object value) {
        return value == null ? "" : value.toString();
    }

    private static CsvFile written(String name, List<List<String>> rows) {
        return CsvFile.of(
                name, PersonColumn.exported().stream().map(PersonColumn::title).toList(), rows);
    }
}
