package upahead.server.periods;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Person 7 in policy 1, about 11 April. */
class CausesTest {

    private static final LocalDate ABOUT = LocalDate.of(2027, 4, 11);

    @Test
    void whatIsDatedLaterOrOfSomebodyElseIsNoCause() {
        assertThat(of(change(1, 7L, 1L, ABOUT.plusDays(1), "later"), change(2, 8L, 1L, ABOUT, "of another")))
                .isEmpty();
    }

    @Test
    void changesOfThatPersonComeBeforeThoseOfEverybody() {
        assertThat(of(change(1, null, 1L, ABOUT, "the policy"), change(2, 7L, null, ABOUT.minusDays(9), "the hours")))
                .containsExactly("the hours", "the policy");
    }

    @Test
    void changesOfThatPolicyComeBeforeThoseOfAll() {
        assertThat(of(change(1, 7L, null, ABOUT, "the hours"), change(2, 7L, 1L, ABOUT.minusDays(9), "the leave")))
                .containsExactly("the leave", "the hours");
    }

    @Test
    void theNearestBeforeTheDateComesFirstAndThreeAreNamed() {
        assertThat(of(
                        change(1, 7L, 1L, ABOUT.minusDays(4), "a"),
                        change(2, 7L, 1L, ABOUT.minusDays(1), "b"),
                        change(3, 7L, 1L, ABOUT.minusDays(2), "c"),
                        change(4, 7L, 1L, ABOUT.minusDays(2), "d")))
                .containsExactly("b", "d", "c");
    }

    @Test
    void anotherPolicyIsNamedOnlyWhereNothingElseIs() {
        LateChange other = change(1, 7L, 2L, ABOUT, "leave of another policy");
        assertThat(of(other)).containsExactly("leave of another policy");
        assertThat(of(other, change(2, 7L, null, ABOUT, "the hours"))).containsExactly("the hours");
    }

    private static List<String> of(LateChange... changes) {
        return new Causes(List.of(changes))
                .of(7, 1, ABOUT).stream().map(LateChange::what).toList();
    }

    private static LateChange change(long id, Long person, Long policy, LocalDate from, String what) {
        return new LateChange(id, ABOUT.atTime(9, 0), "Ada", person, policy, from, what, LateChange.Subject.HOURS, 7);
    }
}
