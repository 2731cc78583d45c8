package upahead.server.demo;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.LocalDateTime;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;

/** In a demo, a stand-in for another program that is told of what happens: it takes everything and remembers the last of it. */
@RestController
@RequestMapping("/api/demo/told")
class DemoReceiver {

    private static final int REMEMBERED = 30;
    private static final int LONGEST = 4000;

    /**
     * What it was told.
     *
     * @param at in the time of the machine
     * @param message its mark
     * @param body as it came
     */
    record ToldThing(LocalDateTime at, String event, String message, String signature, String body) {}

    private final boolean demo;
    private final Deque<ToldThing> told = new ArrayDeque<>();

    DemoReceiver(@Value("${upahead.demo}") boolean demo) {
        this.demo = demo;
    }

    @PostMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    public synchronized void take(
            @RequestHeader("X-Up-Ahead-Event") String event,
            @RequestHeader("X-Up-Ahead-Message") String message,
            @RequestHeader("X-Up-Ahead-Signature") String signature,
            @RequestBody JsonNode body) {
        onlyInDemo();
        String written = body.toString();
        if (written.length() > LONGEST) {
            throw Refusal.of("body", "This is more than any message has.");
        }
        told.addFirst(new ToldThing(LocalDateTime.now(), event, message, signature, written));
        if (told.size() > REMEMBERED) {
            told.removeLast();
        }
    }

    /** The newest first. */
    @GetMapping
    @May(Permission.KEEP_PROGRAMS)
    public synchronized List<ToldThing> told() {
        onlyInDemo();
        return List.copyOf(told);
    }

    private void onlyInDemo() {
        if (!demo) {
            throw Refusal.notFound("demo");
        }
    }
}
