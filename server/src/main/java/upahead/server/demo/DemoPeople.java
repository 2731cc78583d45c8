package upahead.server.demo;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import upahead.core.calendar.PayCalendar;
import upahead.core.calendar.PayDay;
import upahead.core.quantity.Amount;
import upahead.server.employment.EmploymentType;
import upahead.server.employment.Hiring;
import upahead.server.employment.NewPerson;
import upahead.server.employment.People;
import upahead.server.employment.PeopleQuery;
import upahead.server.employment.Person;
import upahead.server.organisation.Organisation;
import upahead.server.platform.access.Role;
import upahead.server.platform.access.SignIns;

/** The sites, teams, people, holidays and sign-ins of Brindlemoor Gardens. */
@Component
class DemoPeople {

    static final String PASSWORD = "walled-garden";
    static final String ADMINISTRATOR = "teodric";
    static final String APPROVER = "corvin";
    static final String EMPLOYEE = "kerensa";
    static final String HOURLY = "Hourly staff";
    static final String SALARIED = "Salaried staff";

    private static final LocalDate FIRST_MONDAY = LocalDate.of(2027, 1, 4);
    private static final List<String> APPROVERS = List.of("B104", "B103", "B106", "B101", "B105", "B107", "B108");
    private static final List<String> EMPLOYEES = List.of("B127", "B131", "B147", "B116");

    private final Organisation organisation;
    private final People people;
    private final Hiring hiring;
    private final DemoHolidays holidays;
    private final SignIns signIns;

    DemoPeople(Organisation organisation, People people, Hiring hiring, DemoHolidays holidays, SignIns signIns) {
        this.organisation = organisation;
        this.people = people;
        this.hiring = hiring;
        this.holidays = holidays;
        this.signIns = signIns;
    }

    /** Sets everybody up and returns the people by their codes. */
    Map<String, Person> setUp() {
        Map<String, Long> groups = Map.of(
                HOURLY,
                organisation.addPayGroup(
                        HOURLY, new PayCalendar(PayCalendar.Every.FORTNIGHT, FIRST_MONDAY), new PayDay(5)),
                SALARIED,
                organisation.addPayGroup(
                        SALARIED, new PayCalendar(PayCalendar.Every.HALF_MONTH, FIRST_MONDAY), new PayDay(0)));
        Map<String, Long> sites = new HashMap<>();
        Map<String, Long> teams = new HashMap<>();
        Map<String, Long> ids = new HashMap<>();
        for (CSVRecord row : rows()) {
            long site = sites.computeIfAbsent(row.get("site"), organisation::addSite);
            long team = teams.computeIfAbsent(row.get("team"), organisation::addTeam);
            ids.put(row.get("code"), hiring.add(person(row, site, team, groups, ids)));
        }
        holidays.setUp(sites, teams);
        Map<String, Person> byCode = new HashMap<>();
        people.search(PeopleQuery.everybody()).forEach(person -> byCode.put(person.code(), person));
        addSignIns(byCode);
        return byCode;
    }

    private static NewPerson person(
            CSVRecord row, long site, long team, Map<String, Long> groups, Map<String, Long> ids) {
        return new NewPerson(
                row.get("code"),
                row.get("name"),
                row.get("email").isEmpty() ? null : row.get("email"),
                site,
                team,
                EmploymentType.valueOf(row.get("type")),
                groups.get(row.get("group")),
                ids.get(row.get("approver")),
                LocalDate.parse(row.get("hired")),
                row.get("lastDay").isEmpty() ? null : LocalDate.parse(row.get("lastDay")),
                LocalDate.parse(row.get("serviceFrom")),
                Arrays.stream(row.get("week").split(" ")).map(Amount::of).toList(),
                Amount.of(row.get("fte")),
                row.get("group").equals(HOURLY) ? clockCode(row.get("code")) : null);
    }

    /** Four digits that follow from a person's code, each once. */
    static String clockCode(String code) {
        return String.valueOf(1000 + Integer.parseInt(code.substring(1)) * 73 % 9000);
    }

    private static List<CSVRecord> rows() {
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get();
        try (Reader reader = new InputStreamReader(
                        new ClassPathResource("demo/people.csv").getInputStream(), StandardCharsets.UTF_8);
                CSVParser parser = format.parse(reader)) {
            return parser.getRecords();
        } catch (IOException missing) {
            throw new UncheckedIOException(missing);
        }
    }

    private void addSignIns(Map<String, Person> byCode) {
        signIn(byCode.get("B102"), Role.ADMINISTRATOR);
        APPROVERS.forEach(code -> signIn(byCode.get(code), Role.APPROVER));
        EMPLOYEES.forEach(code -> signIn(byCode.get(code), Role.EMPLOYEE));
    }

    private void signIn(Person person, Role role) {
        signIns.add(person.name().split(" ")[0], PASSWORD, role, person.name(), person.id());
    }
}
