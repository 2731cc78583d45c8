package upahead.server.platform.serving;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import upahead.server.platform.problems.Refusal;

class FairTurnsTest {

    private final FairTurns turns = new FairTurns(1, 3);
    private final BlockingQueue<String> served = new LinkedBlockingQueue<>();

    @Test
    void whoAsksForMuchHoldsUpNobodyButThemselves() throws Exception {
        turns.take("ada");
        List<Thread> waiting = new ArrayList<>();
        for (String who : List.of("ada", "ada", "ada", "bo", "kerensa")) {
            Thread thread = new Thread(() -> {
                turns.take(who);
                served.add(who);
                turns.giveBack();
            });
            thread.start();
            waiting.add(thread);
            while (thread.getState() != Thread.State.WAITING) {
                Thread.onSpinWait();
            }
        }
        assertThatThrownBy(() -> turns.take("ada"))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("wait until some of it is done");
        turns.giveBack();
        List<String> order = new ArrayList<>();
        while (order.size() < waiting.size()) {
            order.add(served.poll(10, TimeUnit.SECONDS));
        }
        assertThat(order).containsExactly("ada", "bo", "kerensa", "ada", "ada");
        turns.take("bo");
        turns.giveBack();
    }
}
