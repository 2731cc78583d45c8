package upahead.server.platform.serving;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.time.Duration;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.serving.AsBefore.Shown;
import upahead.server.platform.sql.TurnStore;
import upahead.server.platform.sql.WhileUnchanged;

/** Answers that are shown as they were a moment ago while they are worked out anew. */
@WithDemo
@Transactional(propagation = Propagation.NEVER)
class AsBeforeTest {

    private static final Duration NOTHING_IS_QUICK = Duration.ofNanos(-1);
    private static final Duration ALL_IS_QUICK = Duration.ofHours(1);

    @Autowired
    private TurnStore turns;

    @Autowired
    private PlatformTransactionManager transactions;

    @Autowired
    private BehindTheScenes behind;

    @Autowired
    private CurrentUser user;

    private final AtomicInteger workedOut = new AtomicInteger();
    private final CountDownLatch mayEnd = new CountDownLatch(1);

    @Test
    void what_takes_long_is_shown_as_it_was_until_it_is_worked_out_anew() {
        AsBefore<String, String, Integer> answers = answers(NOTHING_IS_QUICK);
        assertThat(ask(answers)).isEqualTo(new Shown<>(List.of(1), false));
        assertThat(ask(answers)).isEqualTo(new Shown<>(List.of(1), false));
        change();
        assertThat(askUntilItMayEnd(answers)).isEqualTo(new Shown<>(List.of(1), true));
        assertThat(askUntilItMayEnd(answers)).isEqualTo(new Shown<>(List.of(1), true));
        mayEnd.countDown();
        await().untilAsserted(() -> assertThat(ask(answers)).isEqualTo(new Shown<>(List.of(2), false)));
        assertThat(workedOut).hasValue(2);
    }

    @Test
    void what_another_worked_out_meanwhile_is_what_is_shown_as_it_was() {
        WhileUnchanged<String, Integer> shared = WhileUnchanged.byTheDay(turns, 1_000);
        AsBefore<String, String, Integer> answers = new AsBefore<>(shared, behind, NOTHING_IS_QUICK);
        ask(answers);
        change();
        shared.of("all", this::oneMore);
        assertThat(ask(answers)).isEqualTo(new Shown<>(List.of(2), false));
        change();
        assertThat(askUntilItMayEnd(answers)).isEqualTo(new Shown<>(List.of(2), true));
        mayEnd.countDown();
    }

    @Test
    void what_is_quick_is_worked_out_at_once() {
        AsBefore<String, String, Integer> answers = answers(ALL_IS_QUICK);
        ask(answers);
        change();
        assertThat(ask(answers)).isEqualTo(new Shown<>(List.of(2), false));
    }

    @Test
    void within_a_change_nothing_is_shown_as_it_was() {
        AsBefore<String, String, Integer> answers = answers(NOTHING_IS_QUICK);
        ask(answers);
        new TransactionTemplate(transactions)
                .executeWithoutResult(status -> assertThat(ask(answers)).isEqualTo(new Shown<>(List.of(2), false)));
        assertThat(askUntilItMayEnd(answers)).isEqualTo(new Shown<>(List.of(1), true));
        mayEnd.countDown();
    }

    @Test
    void another_question_is_not_answered_with_what_was_known_of_one() {
        AsBefore<String, String, Integer> answers = answers(NOTHING_IS_QUICK);
        ask(answers);
        change();
        assertThat(answers.of("another", "all", () -> List.of(7))).isEqualTo(new Shown<>(List.of(7), false));
    }

    @Test
    void what_fails_behind_the_scenes_is_tried_again() {
        AsBefore<String, String, Integer> answers = answers(NOTHING_IS_QUICK);
        ask(answers);
        change();
        user.actAs(
                Somebody.ADMINISTRATOR,
                () -> answers.of("key", "all", () -> {
                    throw new IllegalStateException("as a test wants it");
                }));
        await().untilAsserted(() -> assertThat(ask(answers)).isEqualTo(new Shown<>(List.of(2), false)));
    }

    private AsBefore<String, String, Integer> answers(Duration quick) {
        return new AsBefore<>(WhileUnchanged.byTheDay(turns, 1_000), behind, quick);
    }

    private Shown<Integer> ask(AsBefore<String, String, Integer> answers) {
        return user.actAs(Somebody.ADMINISTRATOR, () -> answers.of("key", "all", this::oneMore));
    }

    private Shown<Integer> askUntilItMayEnd(AsBefore<String, String, Integer> answers) {
        return user.actAs(
                Somebody.ADMINISTRATOR,
                () -> answers.of("key", "all", () -> {
                    try {
                        mayEnd.await();
                    } catch (InterruptedException interrupted) {
                        Thread.currentThread().interrupt();
                    }
                    return oneMore();
                }));
    }

    private List<Integer> oneMore() {
        return List.of(workedOut.incrementAndGet());
    }

    private void change() {
        new TransactionTemplate(transactions).executeWithoutResult(status -> {});
    }
}
