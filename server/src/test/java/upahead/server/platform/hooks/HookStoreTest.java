package upahead.server.platform.hooks;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.time.LocalDateTime;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Supplier;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import upahead.server.Somebody;
import upahead.server.WithDemo;
import upahead.server.platform.access.CurrentUser;

/** What is to be told to whom, without anybody running: within the test's own transaction nothing is sent. */
@WithDemo
class HookStoreTest {

    private static final String ADDRESS = "http://localhost:9/told";

    @Autowired
    private Webhooks webhooks;

    @Autowired
    private HookStore store;

    @Autowired
    private Waiting waiting;

    @Autowired
    private ObjectMapper json;

    @Autowired
    private CurrentUser user;

    @Test
    void eachAddressIsToldOfWhatItWantsToKnow() throws JsonProcessingException {
        long runs = make(EnumSet.of(HookEvent.RUN_CLOSED));
        make(EnumSet.of(HookEvent.REQUEST_DECIDED));
        tell(HookEvent.RUN_CLOSED);
        HookMessage message = waiting.take(now(), List.of()).orElseThrow();
        assertThat(message.webhookId()).isEqualTo(runs);
        JsonNode body = json.readTree(message.body());
        assertThat(body.get("event").asText()).isEqualTo("run.closed");
        assertThat(body.get("message").asText()).isEqualTo(message.mark());
        assertThat(body.get("about").get("run").asInt()).isEqualTo(7);
        assertThat(waiting.take(now(), List.of())).as("taken for a while").isEmpty();
    }

    @Test
    void whatWasNotTakenIsSentAgainUnderTheSameMarkAndInTheEndGivenUp() {
        long id = make(EnumSet.of(HookEvent.RUN_CLOSED));
        tell(HookEvent.RUN_CLOSED);
        LocalDateTime then = now();
        String mark = null;
        int tries = 0;
        while (webhook(id).waiting() > 0) {
            then = then.plusHours(5);
            HookMessage message = waiting.take(then, List.of()).orElseThrow();
            assertThat(mark == null || mark.equals(message.mark())).isTrue();
            mark = message.mark();
            waiting.became(message, then, "It answered 500.");
            tries++;
        }
        assertThat(tries).isBetween(20, 40);
        assertThat(webhook(id).givenUp()).isEqualTo(1);
        assertThat(webhook(id).problem()).isEqualTo("It answered 500.");
        assertThat(as(() -> webhooks.again(id))).isEqualTo(1);
        waiting.became(waiting.take(now(), List.of()).orElseThrow(), now(), "");
        assertThat(webhook(id).lastTakenAt()).isNotNull();
        assertThat(webhook(id).givenUp()).isZero();
    }

    @Test
    void anAddressThatIsBusyLetsOthersGoFirst() {
        long first = make(EnumSet.of(HookEvent.RUN_CLOSED));
        long second = make(EnumSet.of(HookEvent.RUN_CLOSED));
        tell(HookEvent.RUN_CLOSED);
        assertThat(waiting.take(now(), List.of(first)).orElseThrow().webhookId())
                .isEqualTo(second);
    }

    @Test
    void endedItIsToldNothingMore() {
        long id = make(EnumSet.of(HookEvent.RUN_CLOSED));
        tell(HookEvent.RUN_CLOSED);
        as(() -> {
            webhooks.end(id);
            return null;
        });
        tell(HookEvent.RUN_CLOSED);
        assertThat(waiting.take(now(), List.of())).isEmpty();
        assertThatThrownBy(() -> as(() -> webhooks.again(id))).hasMessage("This webhook has ended.");
    }

    @Test
    void oldOnesThatWereTakenAreForgotten() {
        long id = make(EnumSet.of(HookEvent.RUN_CLOSED));
        tell(HookEvent.RUN_CLOSED);
        waiting.became(waiting.take(now(), List.of()).orElseThrow(), now().minusDays(31), "");
        store.forgetTakenBefore(now().minusDays(30));
        assertThat(webhook(id).lastTakenAt()).isNull();
    }

    private static LocalDateTime now() {
        return LocalDateTime.now().plusSeconds(1);
    }

    private long make(Set<HookEvent> events) {
        return as(() -> webhooks.make("Payroll", ADDRESS, events)).webhook().id();
    }

    private void tell(HookEvent event) {
        as(() -> {
            webhooks.tell(event, Map.of("run", 7));
            return null;
        });
    }

    private Webhook webhook(long id) {
        return as(() -> webhooks.all()).stream()
                .filter(each -> each.id() == id)
                .findFirst()
                .orElseThrow();
    }

    private <T> T as(Supplier<T> doing) {
        return user.actAs(Somebody.ADMINISTRATOR, doing);
    }
}
