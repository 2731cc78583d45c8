package upahead.server.platform.hooks;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.WithDemo;
import upahead.server.platform.sql.TurnStore;

@WithDemo
@Transactional(propagation = Propagation.NEVER)
class RunnerTest {

    @Autowired
    private Runner runner;

    @Autowired
    private TurnStore turns;

    /** It looks every few seconds; a change each time would make everything be worked out anew. */
    @Test
    void whereNothingIsDueNothingIsChanged() {
        long before = turns.taken();
        runner.sendAll();
        assertThat(turns.taken()).isEqualTo(before);
    }
}
