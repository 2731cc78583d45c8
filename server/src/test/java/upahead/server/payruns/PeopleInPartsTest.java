package upahead.server.payruns;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import upahead.server.WithDemo;
import upahead.server.people.EmploymentType;
import upahead.server.people.Person;

@WithDemo
class PeopleInPartsTest {

    @Autowired
    private PeopleInParts parts;

    @Test
    void whatComesOutIsTakenInTheOrderOfThePeople() {
        List<Long> seen = new ArrayList<>();
        parts.each(people(1_700), some -> some.stream().map(Person::id).toList(), some -> {
            assertThat(some).hasSizeLessThanOrEqualTo(500);
            seen.addAll(some);
        });
        assertThat(seen).hasSize(1_700).isSorted();
    }

    @Test
    void aFailureInOnePartEndsAllWithItsReason() {
        assertThatThrownBy(() -> parts.each(
                        people(1_700),
                        some -> {
                            if (some.get(0).id() > 600) {
                                throw new IllegalStateException("no more");
                            }
                            return some;
                        },
                        some -> {}))
                .isInstanceOf(IllegalStateException.class)
                .hasMessage("no more");
    }

    private static List<Person> people(int count) {
        return LongStream.rangeClosed(1, count)
                .mapToObj(id -> new Person(
                        id,
                        "P" + id,
                        "Person",
                        null,
                        1,
                        "Site",
                        1,
                        "Team",
                        EmploymentType.HOURLY,
                        1,
                        "Group",
                        null,
                        null,
                        LocalDate.of(2027, 1, 4),
                        null,
                        LocalDate.of(2027, 1, 4),
                        null,
                        null))
                .toList();
    }
}
