package upahead.server.employment;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

class ApproverChainsTest {

    @Test
    void aChainThatEndsIsNoCircle() {
        assertThat(new ApproverChains<>(Map.of("a", "b", "b", "c")).circle("a")).isEmpty();
        assertThat(new ApproverChains<>(Map.<String, String>of()).circle("a")).isEmpty();
    }

    @Test
    void aCircleIsToldFromWhoeverAsksAndBack() {
        ApproverChains<String> chains = new ApproverChains<>(Map.of("a", "b", "b", "c", "c", "a"));
        assertThat(chains.circle("b"))
                .hasValueSatisfying(circle -> assertThat(circle).containsExactly("b", "c", "a", "b"));
    }

    @Test
    void whoDecidesForOneselfIsTheSmallestCircle() {
        assertThat(new ApproverChains<>(Map.of("a", "a")).circle("a"))
                .hasValueSatisfying(circle -> assertThat(circle).containsExactly("a", "a"));
    }

    @Test
    void aChainThatLeadsIntoACircleIsNotPartOfIt() {
        ApproverChains<String> chains = new ApproverChains<>(Map.of("x", "a", "a", "b", "b", "a"));
        assertThat(chains.circle("x")).isEmpty();
        assertThat(chains.circle("a")).isPresent();
    }

    @Test
    void anotherApproverOpensTheCircle() {
        ApproverChains<String> chains = new ApproverChains<>(Map.of("a", "b", "b", "a"));
        chains.set("b", "c");
        assertThat(chains.circle("a")).isEmpty();
        chains.set("c", "a");
        assertThat(chains.circle("a")).isPresent();
        chains.set("c", null);
        assertThat(chains.circle("a")).isEmpty();
    }

    /** Whoever stands in a circle comes back to oneself within as many steps as there are people, and nobody else does. */
    @RepeatedTest(50)
    void agreesWithWalkingTheChain(RepetitionInfo repetition) {
        Random random = new Random(repetition.getCurrentRepetition());
        int people = 2 + random.nextInt(12);
        Map<Integer, Integer> approvers = new HashMap<>();
        for (int person = 0; person < people; person++) {
            if (random.nextInt(4) > 0) {
                approvers.put(person, random.nextInt(people));
            }
        }
        ApproverChains<Integer> chains = new ApproverChains<>(approvers);
        for (int person = 0; person < people; person++) {
            boolean comesBack = false;
            Integer at = person;
            for (int step = 0; step < people && at != null && !comesBack; step++) {
                at = approvers.get(at);
                comesBack = at != null && at == person;
            }
            assertThat(chains.circle(person).isPresent()).isEqualTo(comesBack);
        }
    }
}
