package upahead.server.platform.throttle;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.WithDemo;
import upahead.server.platform.sql.Aside;
import upahead.server.platform.sql.Programs;

/** Two programs on one database count together what is tried at either. */
@WithDemo
@Transactional(propagation = Propagation.NOT_SUPPORTED)
class ThrottlesTest {

    private static final String OSRIC = "osric";

    @Autowired
    private ThrottleStore store;

    @Autowired
    private Aside aside;

    @Autowired
    private Programs programs;

    @Test
    void whatIsTriedAtEitherCountsAtBoth() {
        Throttles here = new Throttles(store, aside, programs);
        Throttles there = new Throttles(store, aside, programs);
        String name = UUID.randomUUID().toString();
        Throttle first = here.of(name, 5, Duration.ofMinutes(1));
        Throttle second = there.of(name, 5, Duration.ofMinutes(1));
        assertThat(let(first, 3)).isEqualTo(3);
        assertThat(let(second, 1)).isEqualTo(1);
        here.exchangeAll();
        there.exchangeAll();
        here.exchangeAll();
        assertThat(let(second, 3)).as("one of five is left").isEqualTo(1);
        assertThat(first.lets("kerensa")).isTrue();
        there.exchangeAll();
        here.exchangeAll();
        assertThat(first.lets(OSRIC)).isFalse();

        first.forget(OSRIC);
        here.exchangeAll();
        assertThat(let(first, 6)).as("anew, after a success").isEqualTo(5);
        assertThat(store.counts(name, LocalDateTime.now()).keySet())
                .as("nobody reads who it was")
                .allMatch(what -> what.matches("[0-9a-f]{64}"));
    }

    @Test
    void whatWasTriedAtTheOtherIsForgottenWhenItsTimeIsOver() {
        Throttles here = new Throttles(store, aside, programs);
        Throttles there = new Throttles(store, aside, programs);
        String name = UUID.randomUUID().toString();
        Throttle first = here.of(name, 5, Duration.ofMinutes(1));
        let(there.of(name, 5, Duration.ofMinutes(1)), 5);
        there.exchangeAll();
        here.exchangeAll();
        aside.run(() -> store.forgetAllBefore(LocalDateTime.now().plusMinutes(2)));
        here.exchangeAll();
        assertThat(first.lets(OSRIC)).isTrue();
    }

    private static long let(Throttle throttle, int tries) {
        return IntStream.range(0, tries).filter(each -> throttle.lets(OSRIC)).count();
    }
}
