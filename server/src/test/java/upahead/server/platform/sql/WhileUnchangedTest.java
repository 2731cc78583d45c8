package upahead.server.platform.sql;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Collections;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;
import upahead.server.WithDemo;

@WithDemo
@Transactional(propagation = Propagation.NEVER)
class WhileUnchangedTest {

    private static final int MOST_ROWS = 1_000;
    private static final List<String> MANY = Collections.nCopies(900, "row");

    @Autowired
    private TurnStore turns;

    @Autowired
    private PlatformTransactionManager transactions;

    private final AtomicInteger workedOut = new AtomicInteger();

    @Test
    void anAnswerIsKnownUntilAnythingIsChanged() {
        WhileUnchanged<String, String> known = WhileUnchanged.byTheDay(turns, MOST_ROWS);
        ask(known, "all", 3);
        assertThat(workedOut).hasValue(1);
        change();
        ask(known, "all", 2);
        assertThat(workedOut).hasValue(2);
        assertThat(known.ifKnown("all")).isPresent();
        assertThat(known.ifKnown("another")).isEmpty();
    }

    /** However often the answers before a change were asked for. */
    @Test
    void aLargeAnswerTakesThePlaceOfTheOneBeforeTheChange() {
        WhileUnchanged<String, String> known = WhileUnchanged.byTheDay(turns, MOST_ROWS);
        for (int change = 0; change < 4; change++) {
            ask(known, "all", 10);
            change();
        }
        assertThat(workedOut).hasValue(4);
    }

    @Test
    void withinAChangeEverythingIsWorkedOutAnew() {
        WhileUnchanged<String, String> known = WhileUnchanged.byTheDay(turns, MOST_ROWS);
        ask(known, "all", 1);
        new TransactionTemplate(transactions).executeWithoutResult(status -> {
            ask(known, "all", 2);
            assertThat(known.ifKnown("all")).isEmpty();
        });
        assertThat(workedOut).hasValue(3);
    }

    private void ask(WhileUnchanged<String, String> known, String question, int times) {
        for (int time = 0; time < times; time++) {
            assertThat(known.of(question, () -> {
                        workedOut.incrementAndGet();
                        return MANY;
                    }))
                    .isSameAs(MANY);
        }
    }

    private void change() {
        new TransactionTemplate(transactions).executeWithoutResult(status -> {});
    }
}
