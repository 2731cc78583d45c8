package upahead.server.demo;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import upahead.server.employment.EmploymentType;
import upahead.server.employment.Person;

/** Who asks for leave when, and what becomes of it. */
final class DemoLeave {

    /** What becomes of a request. */
    enum Outcome {
        APPROVED,
        DECLINED,
        PARTLY,
        WITHDRAWN,
        WAITING
    }

    /** One request of the story. */
    record Asked(
            Person person,
            String policy,
            LocalDate first,
            LocalDate last,
            String note,
            LocalDateTime sent,
            Outcome outcome,
            String answer) {}

    private static final LocalDate FIRST_LEAVE = LocalDate.of(2027, 1, 11);
    private static final LocalDate SUMMER = LocalDate.of(2027, 5, 10);

    private DemoLeave() {}

    static List<Asked> story(Map<String, Person> people) {
        List<Asked> story = new ArrayList<>();
        people.values().stream()
                .filter(person -> person.hired().isBefore(DemoPolicies.START))
                .forEach(person -> story.addAll(ordinary(person)));
        story.add(told(
                people,
                "B127",
                "2027-02-15",
                "2027-02-17",
                "2027-02-01",
                "Half-term with the children",
                Outcome.APPROVED,
                "Enjoy the week."));
        story.add(told(people, "B131", "2027-04-21", "2027-04-22", "2027-04-16", "Moving house", Outcome.WAITING, ""));
        story.add(told(
                people,
                "B132",
                "2027-05-04",
                "2027-05-07",
                "2027-04-23",
                "Walking the coast path",
                Outcome.WAITING,
                ""));
        story.add(told(
                people,
                "B134",
                "2027-05-10",
                "2027-05-14",
                "2027-04-12",
                "",
                Outcome.PARTLY,
                "The border planting needs you until Tuesday."));
        story.add(told(
                people, "B135", "2027-04-30", "2027-04-30", "2027-04-13", "Wedding of a friend", Outcome.APPROVED, ""));
        story.add(told(
                people,
                "B129",
                "2027-04-19",
                "2027-04-19",
                "2027-03-30",
                "",
                Outcome.DECLINED,
                "Everybody is needed for the delivery that day."));
        story.add(told(people, "B140", "2027-05-17", "2027-05-21", "2027-04-20", "", Outcome.WAITING, ""));
        story.add(told(
                people, "B139", "2027-04-14", "2027-04-15", "2027-03-22", "Plans fell through", Outcome.WITHDRAWN, ""));
        story.add(told(people, "B116", "2027-05-12", "2027-05-12", "2027-04-22", "", Outcome.WAITING, ""));
        return story;
    }

    private static Asked told(
            Map<String, Person> people,
            String code,
            String first,
            String last,
            String sent,
            String note,
            Outcome outcome,
            String answer) {
        Person person = people.get(code);
        return new Asked(
                person,
                leavePolicy(person),
                LocalDate.parse(first),
                LocalDate.parse(last),
                note,
                LocalDate.parse(sent).atTime(9, 12),
                outcome,
                answer);
    }

    private static List<Asked> ordinary(Person person) {
        List<Asked> asked = new ArrayList<>();
        LocalDate winter = FIRST_LEAVE.plusDays(person.id() * 11 % 84);
        asked.add(approved(person, leavePolicy(person), winter, winter.plusDays(person.id() % 2), 12));
        if (person.id() % 3 == 0) {
            LocalDate sick = FIRST_LEAVE.plusDays(person.id() * 17 % 90);
            asked.add(approved(person, DemoPolicies.SICK_TIME, sick, sick, 0));
        }
        if (person.id() % 5 < 2) {
            LocalDate summer = SUMMER.plusDays(person.id() * 13 % 100);
            asked.add(new Asked(
                    person,
                    leavePolicy(person),
                    summer,
                    summer.plusDays(3),
                    "",
                    LocalDate.of(2027, 3, 1).plusDays(person.id() % 40).atTime(12, 30),
                    Outcome.APPROVED,
                    ""));
        }
        return asked;
    }

    private static Asked approved(Person person, String policy, LocalDate first, LocalDate last, int daysBefore) {
        return new Asked(
                person, policy, first, last, "", first.minusDays(daysBefore).atTime(7, 45), Outcome.APPROVED, "");
    }

    private static String leavePolicy(Person person) {
        return person.employmentType() == EmploymentType.SALARIED
                ? DemoPolicies.SALARIED_LEAVE
                : DemoPolicies.HOURLY_LEAVE;
    }
}
