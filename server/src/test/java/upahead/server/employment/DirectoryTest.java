package upahead.server.employment;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Function;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.springframework.beans.factory.annotation.Autowired;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.employment.PeopleQuery.Order;
import upahead.server.employment.PeopleQuery.Status;
import upahead.server.organisation.Organisation;
import upahead.server.platform.access.CurrentUser;

/** Finding people among many: filters, orders and the day that is meant. */
@WithDemo
class DirectoryTest {

    private static final long KERENSA = 27;
    private static final LocalDate TODAY = LocalDate.of(2027, 4, 26);

    @Autowired
    private People people;

    @Autowired
    private Workplaces workplaces;

    @Autowired
    private Organisation organisation;

    @Autowired
    private CurrentUser user;

    @ParameterizedTest
    @EnumSource(Order.class)
    void everyOrderSortsBothWaysAndWhatIsMissingStandsLast(Order order) {
        List<Person> up = people.search(all(order, false));
        List<Person> down = people.search(all(order, true));
        assertThat(up).hasSize(62).isSortedAccordingTo(by(order, Comparator.naturalOrder()));
        assertThat(down).hasSize(62).isSortedAccordingTo(by(order, Comparator.reverseOrder()));
    }

    @Test
    void pagesOfAnOrderWithManyAlikeHaveNobodyTwice() {
        List<Long> paged = new ArrayList<>();
        for (int page = 0; page < 7; page++) {
            people.search(new PeopleQuery(null, null, null, null, null, null, null, Order.SITE, true, null, page, 10))
                    .forEach(person -> paged.add(person.id()));
        }
        assertThat(paged).hasSize(62).doesNotHaveDuplicates();
    }

    @ParameterizedTest
    @EnumSource(Status.class)
    void whoIsEmployedComesOrLeftAreThreePartsOfEverybody(Status status) {
        List<Person> some = people.search(of(status));
        assertThat(some).hasSize(people.count(of(status))).allSatisfy(person -> {
            assertThat(person.hired().isAfter(TODAY)).isEqualTo(status == Status.COMING);
            assertThat(person.lastDay() != null && person.lastDay().isBefore(TODAY))
                    .isEqualTo(status == Status.LEFT);
        });
        int together =
                people.count(of(Status.EMPLOYED)) + people.count(of(Status.COMING)) + people.count(of(Status.LEFT));
        assertThat(together).isEqualTo(62);
    }

    @Test
    void filtersTogetherMeanAllOfThem() {
        long grounds = team("Grounds");
        List<Person> some = people.search(new PeopleQuery(
                "a", grounds, 1L, 1L, 4L, EmploymentType.HOURLY, Status.EMPLOYED, Order.NAME, false, null, 0, 100));
        assertThat(some).isNotEmpty().allSatisfy(person -> {
            assertThat(person.team()).isEqualTo("Grounds");
            assertThat(person.approverId()).isEqualTo(4);
            assertThat(person.employmentType()).isEqualTo(EmploymentType.HOURLY);
        });
    }

    @Test
    void signsThatMeanSomethingInSearchesAreOnlyLetters() {
        assertThat(people.count(search("%"))).isZero();
        assertThat(people.count(search("_"))).isZero();
        assertThat(people.count(search("'; drop table person"))).isZero();
    }

    @Test
    void aTeamIsMeantAsOfADay() {
        long office = team("Office");
        Placing before = people.get(KERENSA).placing();
        user.actAs(Somebody.ADMINISTRATOR, () -> {
            workplaces.place(
                    KERENSA,
                    TODAY.plusDays(10),
                    new Placing(
                            before.siteId(),
                            office,
                            before.employmentType(),
                            before.payGroupId(),
                            before.approverId()));
            return null;
        });
        assertThat(inTeam(office, TODAY)).doesNotContain(KERENSA);
        assertThat(inTeam(office, TODAY.plusDays(9))).doesNotContain(KERENSA);
        assertThat(inTeam(office, TODAY.plusDays(10))).contains(KERENSA);
        assertThat(people.whereabouts(TODAY.plusDays(10)))
                .hasSize(62)
                .filteredOn(each -> each.personId() == KERENSA)
                .singleElement()
                .satisfies(each -> assertThat(each.placing().teamId()).isEqualTo(office));
    }

    private List<Long> inTeam(long team, LocalDate on) {
        return people
                .search(new PeopleQuery(null, team, null, null, null, null, null, Order.NAME, false, on, 0, 100))
                .stream()
                .map(Person::id)
                .toList();
    }

    private long team(String name) {
        return organisation.teams().stream()
                .filter(each -> each.name().equals(name))
                .findFirst()
                .orElseThrow()
                .id();
    }

    private static PeopleQuery all(Order order, boolean descending) {
        return new PeopleQuery(null, null, null, null, null, null, null, order, descending, null, 0, 100);
    }

    private static PeopleQuery of(Status status) {
        return new PeopleQuery(null, null, null, null, null, null, status, Order.NAME, false, null, 0, 100);
    }

    private static PeopleQuery search(String words) {
        return new PeopleQuery(words, null, null, null, null, 0, 100);
    }

    private static Comparator<Person> by(Order order, Comparator<Comparable<Object>> direction) {
        Function<Person, Object> value =
                switch (order) {
                    case NAME -> Person::name;
                    case CODE -> Person::code;
                    case TEAM -> Person::team;
                    case SITE -> Person::site;
                    case EMPLOYED_AS -> person -> person.employmentType().name();
                    case PAY_GROUP -> Person::payGroup;
                    case APPROVER -> Person::approver;
                    case HIRED -> Person::hired;
                    case LAST_DAY -> Person::lastDay;
                };
        return Comparator.comparing(person -> comparable(value.apply(person)), Comparator.nullsLast(direction));
    }

    @SuppressWarnings("unchecked")
    private static Comparable<Object> comparable(Object value) {
        return (Comparable<Object>) value;
    }
}
